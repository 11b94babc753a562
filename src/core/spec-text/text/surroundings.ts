import { spelt } from '../vocabulary/letters';
import { isOfOthers } from '../layout/sections';
import type { Line } from './lines';

// What a page, a mail or a post carries around what it tells: lists of other things, and what its writer signs with. Common usage, no
// source.

/** Heads of lists that a page shows below its own thing, a language each. */
const SHOWN_BESIDE = [
  '(?:similar|related|nearby|comparable) (?:ads?|adverts?|bikes?|motorcycles?|motorbikes?|listings?|items?|vehicles?|results?|articles?|posts?|stories|reviews?|videos?)|(?:you )?(?:may|might|could) also (?:like|be interested in)|(?:people|others|customers|users|visitors) (?:who viewed this )?also (?:viewed|bought|liked|looked at)|(?:more|other|further) (?:ads?|adverts?|bikes?|listings?|items?|stock|vehicles?)? ?(?:by|from) (?:this|the same) (?:seller|dealer|member|user)|see (?:our|the) other (?:bikes|ads|stock)|(?:our )?(?:other|latest) (?:stock|arrivals)|recommended(?: for you| reading)?|(?:sponsored|promoted)(?: (?:ads?|listings?))?|most (?:read|popular|viewed)|(?:latest|more|related|top) (?:news|stories|reviews|videos|articles)|popular (?:articles|posts|searches|now)|recently viewed|read (?:next|more|also)|up next|trending(?: now)?|next article',
  'ähnliche (?:anzeigen|angebote|fahrzeuge|motorräder|artikel|inserate|beiträge|tests)|(?:weitere|andere|mehr) (?:anzeigen|angebote|fahrzeuge|motorräder|inserate|artikel|themen|tests)(?: (?:des|dieses|vom|von diesem) (?:anbieters?|händlers?|verkäufers?))?|(?:das|diese?) (?:könnte|könnten) (?:dich|sie|ihnen|dir) auch (?:interessieren|gefallen)|meist ?gelesen(?:e artikel)?|auch interessant|mehr zum thema|zuletzt (?:angesehen|gesehen)|(?:empfehlungen|empfohlen)(?: für (?:sie|dich))?|gesponserte?|neu(?:e|este) (?:artikel|tests|nachrichten|beiträge)|beliebte (?:artikel|suchen|beiträge)|lesen sie auch',
  "annonces (?:similaires|recommandées|sponsorisées)|(?:ces|d[’']autres) annonces (?:peuvent|pourraient) vous intéresser|vous aimerez aussi|cela (?:peut|pourrait) vous intéresser|(?:articles )?les plus (?:lus|lues|consultés|consultées)|(?:à )?lire (?:aussi|également)|(?:les )?autres annonces(?: (?:du|de ce) vendeur)?|articles (?:similaires|liés|populaires)|recommandé pour vous|sponsorisé|vus? récemment|dernières (?:actualités|annonces)",
  'anuncios (?:similares|parecidos|relacionados|recomendados|patrocinados)|(?:también )?te puede(?:n)? (?:también )?interesar|te recomendamos|lo más (?:leído|visto)|(?:artículos|noticias) (?:relacionad[oa]s|similares)|(?:más|otros) anuncios(?: (?:de este|del) vendedor)?|vistos recientemente|últimas noticias',
  'annunci (?:simili|correlati|consigliati|sponsorizzati)|(?:ti )?potrebbe(?:ro)? (?:anche )?interessarti(?: anche)?|(?:i più letti|le più lette)|leggi anche|altri annunci(?: (?:del|di questo) venditore)?|articoli (?:correlati|simili)|consigliati(?: per te)?|visti di recente|ultime notizie',
  'vergelijkbare (?:advertenties|motoren|artikelen|aanbiedingen)|ook interessant|anderen bekeken ook|meest (?:gelezen|bekeken)|lees ook|meer (?:advertenties|van (?:deze|dezelfde) (?:verkoper|adverteerder))|aanbevolen(?: voor (?:u|jou))?|laatst bekeken|(?:dit|deze) vind je misschien ook (?:leuk|interessant)|gesponsord',
  'liknande (?:annonser|motorcyklar|artiklar|objekt)|fler annonser(?: från säljaren)?|mest (?:lästa|läst)|läs (?:också|även|mer)|du kanske (?:också )?gillar|rekommenderat(?: för dig)?|andra tittade (?:också )?på|senast visade|relaterade (?:annonser|artiklar)',
  '(?:lignende|relaterte|relaterede) (?:annonser|annoncer|artikler|motorsykler|motorcykler)|flere annon[sc]er(?: fra (?:selgeren|sælgeren|annonsøren))?|mest (?:lest|læste?)|(?:les|læs) (?:også|mer|mere)|(?:andre så også)|(?:anbefalt|anbefalet)(?: (?:for|til) d[ei]g)?|du vil kanskje også like|måske er du interesseret i',
  'anúncios (?:semelhantes|similares|relacionados|recomendados)|também (?:te |lhe )?pode(?:rá)? (?:gostar|interessar)|mais lid[oa]s|leia também|outros anúncios(?: (?:do|deste) (?:vendedor|anunciante))?|recomendados?(?: para (?:si|você))?|vistos recentemente',
  'podobne (?:ogłoszenia|oferty|motocykle|artykuły)|inne (?:ogłoszenia|oferty)(?: (?:tego )?(?:sprzedającego|sprzedawcy))?|najczęściej czytane|czytaj (?:też|także|również)|polecane(?: dla ciebie)?|może cię (?:też )?zainteresować|ostatnio (?:oglądane|przeglądane)',
  'podobné (?:inzeráty|nabídky|motorky|články)|další (?:inzeráty|nabídky)(?: prodejce)?|nejčtenější|čtěte (?:také|též)|mohlo by (?:vás|tě) zajímat|doporučujeme|naposledy (?:zobrazené|prohlížené)',
  '(?:samankaltaiset|vastaavat|muut) (?:ilmoitukset|kohteet)|samankaltaisia ilmoituksia|lisää (?:samalta )?(?:myyjältä|ilmoittajalta)|luetuimmat|lue (?:myös|lisää)|suositellut|saatat pitää myös|viimeksi katsotut',
].join('|');
const HEAD = spelt(
  new RegExp(
    String.raw`^[^\p{L}\d]{0,4}(?:${SHOWN_BESIDE})(?: \(\d{1,5}\))?[^\p{L}\d]{0,4}$`,
    'iu',
  ),
);
/** A sum worked out for anybody who borrows: alone in its line the head of a list, else the line is all of it. */
const LENT =
  '(?:representative )?(?:finance|pcp|hp|loan|lease|leasing|payment) (?:example|calculator|illustration|quote)|representative example|finanzierungs(?:beispiel|rechner)|leasingbeispiel|repräsentatives beispiel|exemple (?:de financement|représentatif)|simulation de financement|ejemplo (?:de financiación|representativo)|calcula tu financiación|esempio (?:di finanziamento|rappresentativo)|rekenvoorbeeld|financieringsvoorbeeld|finansieringsexempel|räkneexempel|finansieringseksempel|låneeksempel|exemplo (?:de financiamento|representativo)|przykład (?:finansowania|reprezentatywny)|kalkulator (?:raty|leasingu)|příklad financování|rahoituslaskuri|rahoitusesimerkki';
const LENT_HEAD = spelt(new RegExp(String.raw`^[^\p{L}\d]{0,4}(?:${LENT})[^\p{L}\d]{0,4}$`, 'iu'));
const LENT_LINE = spelt(new RegExp(String.raw`^[^\p{L}\d]{0,4}(?:${LENT})\s?[:–—-]\s`, 'iu'));
/** What brings a page back to its own thing. */
const RESUMED = spelt(
  /^[^\p{L}\d]{0,4}(?:(?:full |vehicle |seller['’]s )?(?:description|details|specifications?|specs|features|technical (?:data|details|specifications?)|key facts)|(?:fahrzeug)?beschreibung|technische daten|ausstattung|fahrzeugdaten|caractéristiques(?: techniques)?|fiche technique|équipements?|descripción|características|ficha técnica|equipamiento|descrizione|caratteristiche|scheda tecnica|dati tecnici|beschrijving|omschrijving|specificaties|technische gegevens|kenmerken|beskrivning|specifikation(?:er)?|tekniska data|beskrivelse|spesifikasjoner|tekniske data|udstyr|descrição|especificações|dados técnicos|opis|dane techniczne|specyfikacja|popis|technické údaje|kuvaus|tekniset tiedot)[^\p{L}\d]{0,4}$/iu,
);

/** Two hyphens alone: what mail programs set between a mail and what its writer signs with. A row of underscores: what boards set. */
const SIGNS_BELOW = /^\s*(?:-- ?|_{4,}|—{2,})\s*$/u;
const LONGEST_SIGNATURE = 6;
/** "Garage: …", "Bikes: … (sold)", "2014 Brunda 650 | 2009 Ostvik 250": machines that a writer owns or owned. */
const GARAGE = spelt(
  /^\s*(?:(?:(?:my |current |past |previous |other |old )?(?:garage|bikes|rides|stable|fleet)|current(?:ly)?(?: riding)?|past|previous(?:ly)?|formerly|ex|now riding|mein(?:e)? (?:garage|motorräder|fuhrpark)|fuhrpark|bisher|früher|mes motos|garage|mis motos|moto attuali|le mie moto|mijn motoren|mina hojar|mine sykler)\s?:(?=.*(?<!\p{L})\p{Lu}\p{L}+ \d{2,4}(?!\d))|(?:(?:19[5-9]|20[0-4])\d \p{Lu}[\p{L}\d' -]{2,30}(?:\([^()\n]{1,30}\))?\s*[|,;/•·]\s*){1,12}(?:19[5-9]|20[0-4])\d \p{Lu}[\p{L}\d' .-]{2,30}(?:\([^()\n]{1,30}\))?[^\n]{0,40}$)/iu,
);
/** A label with its figure: what is told of a machine, and signs for nobody. */
const TELLS = spelt(/^\s*\p{L}[^:=|\n]{1,30}\s?[:=|]\s*\D{0,4}\d[\d.,]* ?\p{L}/u);

/** What a page offers above its own thing: where to go, and what to press; a language each. */
const GO_TO = [
  'home(?:page)?|menu|search|(?:log|sign) ?(?:in|out|up)|register|(?:my )?(?:account|profile|garage|favou?rites|saved(?: ads| searches)?|messages|basket|cart|wish ?list)|(?:new|used|all|buy|sell|find)(?: (?:a|your|my|new|used))? (?:bikes?|motorcycles?|motorbikes?|vehicles?)|bikes for sale|motorcycles|motorbikes|insurance|finance|news|reviews|forums?|shop|deals|clothing|contact(?: us)?|about(?: us)?|help|subscribe|newsletter|dealers?|place an? ad|post an? ad|skip to (?:main )?content|back to (?:results|search|list)|(?:previous|next)(?: ad)?|save(?: ad)?|share(?: this(?: ad)?)?|print|report(?: this)?(?: ad)?|compare|accept(?: all)?|reject(?: all)?|manage (?:cookies|options)|cookie settings|(?:add|save) to favou?rites|photos?(?: \\(\\d+\\))?|show (?:all )?(?:photos|phone number|number)|contact seller|ask a question',
  'startseite|menü|suchen|(?:an|ab)melden|registrieren|einloggen|mein konto|merk(?:en|zettel|liste)|drucken|teilen|melden|warenkorb|kontakt|über uns|hilfe|motorräder|neue motorräder|gebrauchte motorräder|gebrauchtfahrzeuge|inserieren|inserat aufgeben|verkaufen|händlersuche|nachrichten|magazin|tests|zurück(?: zur (?:liste|suche|übersicht))?|vergleichen|(?:alle )?akzeptieren|ablehnen|anbieter kontaktieren|nachricht schreiben',
  "accueil|recherche|rechercher|connexion|se connecter|s['’]inscrire|mon compte|favoris|ajouter aux favoris|partager|imprimer|signaler(?: l['’]annonce)?|panier|contact|à propos|aide|motos(?: neuves| d['’]occasion)?|déposer une annonce|actualités|essais|retour(?: aux résultats)?|comparer|tout accepter|refuser|contacter le vendeur|voir le numéro",
  'inicio|buscar|iniciar sesión|regístrate|registrarse|mi cuenta|favoritos|añadir a favoritos|compartir|imprimir|denunciar|carrito|contacto|ayuda|motos(?: nuevas| de ocasión| usadas)?|publicar anuncio|noticias|pruebas|volver|comparar|aceptar(?: todo)?|rechazar|contactar',
  'cerca|accedi|registrati|il mio account|preferiti|aggiungi ai preferiti|condividi|stampa|segnala|carrello|contatti|chi siamo|aiuto|moto(?: nuove| usate)?|inserisci annuncio|notizie|prove|torna(?: ai risultati)?|confronta|accetta(?: tutto)?|rifiuta|contatta il venditore',
  'zoeken|inloggen|registreren|mijn account|favorieten|bewaren?|delen|printen|winkelwagen|over ons|hulp|motoren|nieuwe motoren|gebruikte motoren|plaats advertentie|nieuws|terug|vergelijken|accepteren|weigeren|bericht sturen',
  'startsida|hem|sök|logga in|registrera|mitt konto|favoriter|spara|dela|skriv ut|anmäl|varukorg|kontakt|om oss|hjälp|motorcyklar|lägg in annons|nyheter|tester|tillbaka|jämför|acceptera(?: alla)?|avvisa',
  'forside|hjem|søk|søg|logg inn|log ind|registrer|min (?:side|konto)|favoritter|lagre|gem|del|skriv ut|udskriv|handlekurv|kurv|om oss|om os|hjelp|hjælp|motorsykler|motorcykler|legg ut annonse|opret annonce|nyheter|nyheder|tilbake|tilbage|sammenlign|godta(?: alle)?|accepter(?: alle)?|avvis|afvis',
  'início|pesquisar|entrar|registar|minha conta|partilhar|compartilhar|carrinho|contacto|ajuda|anunciar|notícias|voltar|aceitar(?: tudo)?|rejeitar',
  'strona główna|szukaj|zaloguj(?: się)?|zarejestruj(?: się)?|moje konto|ulubione|obserwuj|udostępnij|drukuj|zgłoś|koszyk|pomoc|motocykle|dodaj ogłoszenie|aktualności|testy|wróć|porównaj|akceptuj|odrzuć',
  'domů|hledat|přihlásit(?: se)?|registrace|můj účet|oblíbené|sdílet|tisk|nahlásit|košík|kontakty|o nás|nápověda|motorky|vložit inzerát|novinky|zpět|porovnat|přijmout|odmítnout',
  'etusivu|haku|kirjaudu(?: sisään)?|rekisteröidy|oma tili|suosikit|jaa|tulosta|ilmianna|ostoskori|yhteystiedot|ohjeet|moottoripyörät|jätä ilmoitus|uutiset|takaisin|vertaa|hyväksy|hylkää',
].join('|');
const TO_PRESS = spelt(new RegExp(String.raw`^[^\p{L}\d]{0,4}(?:${GO_TO})[^\p{L}\d]{0,4}$`, 'iu'));
/** "Home > Motorcycles > Trail": where a page stands. */
const WAY_TO = spelt(
  new RegExp(String.raw`^[^\p{L}\d]{0,4}(?:${GO_TO})\s*[>›»/|]\s*[^\n]{1,120}$`, 'iu'),
);
/** "Ad number 48213377", "Views 1,204", "1 204 visninger": what a page counts. */
const COUNTS =
  "views?|viewed|visits?|watch(?:ers|ing)|saved|favou?rited|(?:ad|advert|listing|item|stock) ?(?:number|no\\.?|id|ref(?:erence)?)|aufrufe|(?:inserat|anzeige)s?n?[- ]?(?:nummer|nr\\.?|id)|vues?|référence(?: de l[’']annonce)?|visitas|(?:número|referencia) (?:de|del) anuncio|visualizzazioni|(?:numero|id) annuncio|weergaven|advertentienummer|visningar|annons-?(?:id|nr\\.?|nummer)|visninger|annon[sc]e-?(?:id|nr\\.?|nummer)|visualizações|(?:id|numer|nr) ogłoszenia|wyświetle(?:nia|ń)|zobrazen[oí]|číslo inzerátu|ilmoitus(?:numero|tunnus)|katselukert(?:aa|oja)";
const COUNTED = spelt(
  new RegExp(
    String.raw`^[^\p{L}\d]{0,4}(?:(?:${COUNTS})\s?[:.#]?\s?#?\d[\d.,'’\s/-]*(?: (?:times|x|mal|fois|veces|volte|keer|gånger|ganger|gange|vezes|razy))?|\d[\d.,'’\s]*(?:${COUNTS}))[^\p{L}\d]{0,4}$`,
    'iu',
  ),
);
const COOKIES = spelt(/(?<!\p{L})(?:cookies?|cookie-?\p{L}*)(?!\p{L})/iu);
/** So many lines may stand above what a page tells. */
const ABOVE = 80;

/** Lines without what a page offers above its own thing, and without what it counts. */
function withoutWaysToGo(lines: readonly Line[]): readonly Line[] {
  const isPage = lines.slice(0, ABOVE).some(({ line }) => TO_PRESS.test(line));
  return lines.filter(
    ({ line }, i) =>
      !(
        COUNTED.test(line) ||
        (isPage
          ? i < ABOVE &&
            (TO_PRESS.test(line) || WAY_TO.test(line) || (COOKIES.test(line) && !TELLS.test(line)))
          : i < 3 && WAY_TO.test(line))
      ),
  );
}

const isEmpty = ({ line }: Line): boolean => line.trim() === '';

const NUMBER = spelt(/(?<=\p{L}[\p{L}-]* )\d{3,4}(?!\d)/gu);
/** "Weighed mine, the 540 …" above "Tessel Marrow 540 (2022), ex Wandal 250": the writer tells of what he signs with. */
const namesWhatIsTold = (signed: string, above: readonly Line[]): boolean =>
  [...signed.matchAll(NUMBER)].some(([number]) =>
    above.some(({ line }) =>
      new RegExp(
        `(?<![\\p{L}\\d])(?:the|my|this|an?|die|meine|la|ma|mi|mia|de|mijn|min|il|el|le) ${number}(?![\\d.,]*\\d)(?! ?(?:km|mm|kg|cc|€|£|kr))`,
        'iu',
      ).test(line),
    ),
  );

/** Lines up to what the writer signs with. */
function unsigned(lines: readonly Line[]): readonly Line[] {
  const full = lines.flatMap((l, i) => (isEmpty(l) ? [] : [i]));
  const sign = lines.findLastIndex((l) => SIGNS_BELOW.test(l.line));
  const below = full.filter((i) => i > sign);
  if (
    sign > (full[0] ?? 0) &&
    below.length > 0 &&
    below.length <= LONGEST_SIGNATURE &&
    !below.some((i) => namesWhatIsTold(lines[i]?.line ?? '', lines.slice(0, sign))) &&
    below.every((i) => {
      const line = lines[i]?.line ?? '';
      return GARAGE.test(line) || !TELLS.test(line);
    })
  )
    return unsigned(lines.slice(0, sign));
  const last = full.at(-1) ?? 0;
  const end = lines[last]?.line ?? '';
  return full.length > 2 && GARAGE.test(end) && !namesWhatIsTold(end, lines.slice(0, last))
    ? lines.slice(0, last)
    : lines;
}

/** "Rivals" alone in its line. */
const isOthersHead = (line: string): boolean => !/[:|\t–—]\s*\S/.test(line) && isOfOthers(line);

/** Lines without the lists of other things below their heads. */
function withoutListsBeside(lines: readonly Line[]): readonly Line[] {
  const first = lines.findIndex((l) => !isEmpty(l));
  let beside = false;
  return lines.filter(({ line }, i) => {
    if (i > first && (HEAD.test(line) || LENT_HEAD.test(line) || isOthersHead(line))) beside = true;
    else if (beside && RESUMED.test(line)) beside = false;
    return !beside && !LENT_LINE.test(line);
  });
}

/** Lines of a text without what a page shows beside its own thing, and without what its writer signs with. */
export const withoutSurroundings = (lines: readonly Line[]): readonly Line[] =>
  withoutListsBeside(unsigned(withoutWaysToGo(lines)));
