import { spelt } from '../../vocabulary/letters';
import { scanWords } from '../../vocabulary/lexicon';

/** Words that no maker and no model is called: the trade's own, and those that open sentences. Common usage, no source. */
const COMMON: ReadonlySet<string> = new Set(
  `
  also plus kleinanzeige anzeige inserat annuncio anuncio werk werksangabe auch aussi anche
  también otherwise motor moteur motore type for sale the this that it its i my we you they there
  in on at of and with from when what which who how so but pros cons welcome back today right peak
  stock oem std serie wet dry front rear home accept specifications specs maximum ground abs question answer
  swing five six eleven twenty quoted rolls die der das enduro avec einzylinder shaft boxer
  motorbauart make year colour color title everything manual measured observed features technical
  details info data basic chassis general available manufacturer production certificate conformity
  infobox related commercial stationary document mot history overview ergonomics handbook neufahrzeug vorführer gebraucht extract typ type modello specyfikacja specifikace specyfikacje kaufvertrag
  ajoin ajelin ostin koeajo koeajossa long-term longterm langzeittest dauertest langetermijntest
  condition extras comes only great nice good please no not yes full one two three seven eight
  nine ten tipo bank schein fahrzeugschein prospekt laut hinten vorne vorn vollgetankt hi hello
  hallo hey moin servus cat fazit kurzes am zum should would could do does is are anyone anybody
  thinking looking considering went claimed claims official officially stated brochure advertised
  actual actually roughly about approx nearly almost traded swapped sold bought mein meiner kumpel
  freund mon mio mia mijn min ich jetzt heute gestern hab habe seit wenn hier bei mit auf ohne nur
  noch buddy mate avant depuis prima después garde capacité frein freins fourche pneu pneus roue
  charge luce freni distancia frenos neumáticos bremsen? reifen datenblatt mam mám mamy máme
  säljer säljes sælger sælges selger selges sprzedam prodám prodam jeżdżę jeździłem har jag jeg
  olen minulla tenho vendo ik po efter etter onze ostin kører kjører kör jezdím meu minha moja mój
  moje mitt dear takes candidate option biete verkauft verkauf verkaufe category kategorie catégorie categoría categoria categorie kategoria kategori suche nuestra notre nostra ma
  subject re fwd betreff objet oggetto asunto quick update announces frame mix chapter item
  section table figure note notes report technische spec gegevens specificaties specificatie
  caractéristiques características caratteristiche données dati datos fiche ficha scheda essai
  prueba prova teste vergleich annonce inserzione motorrad motorcycle motorcycles moto motorbike
  motocykl moottoripyörä moottoripyörän motorka motorku mopo hoj mc sykkel motorsykkel motorcykel motocicleta motocicletta bike bikes machine maschine adventure
  real mpg rozważam myślę szukam kupiłem kupiłam mam
  model modell modèle modelo modello la le les el los las il lo gli de het een un une una uma mine
  ours nowy nowa stary mi tu gebraucht gebrauchte neuwertige begagnad brugt brukt używany
  używana ojetá ojetý käytetty nouvelle nouveau nueva nuevo nuova nuovo sprzedaż prodej predaj tl dr gg kleine große grosse alte neue new press release news breaking
  exclusive video podcast episode transkript newsletter headline pressemitteilung pressemeldung
  pressetext communiqué comunicato comunicado persbericht pressmeddelande pressemelding tested
  driven verdict summary introduction intro conclusion results test tests testbericht fahrbericht
  vorstellung vorgestellt kurzvorstellung vorgänger vorgängerin nachfolger nachfolgerin predecessor
  ein eine einen einer kaufe kauf kaufen mir erfahrung erfahrungen tender booking ferry by vehicle vehicles passenger
  autobahn landstraße landstrasse gelände stadt stadtverkehr reichweite verbrauch autoroute autovía
  autopista carretera autostrada extraurbano motorway highway snelweg motorvei motorväg motorvej
  kjøpte købte köpte koupil koupila koupili kupił kupiła gekocht gekauft comprei compré comprato acheté
  často kladené otázky häufige fragen fréquentes preguntas frecuentes domande frequenti veelgestelde
  vragen vanliga frågor vanlige spørsmål ofte stillede spørgsmål usein kysyttyä faq perguntas
  tekniska tekniske figures performance harkitsen prodávám predám predávam messe-notizen notizen appunti notities
  successor prédécesseur predecesor predecessore voorganger
`
    .trim()
    .split(/\s+/),
);

/** What a heading is called, whichever test or paper it is of: "Zwischenbilanz", "Langzeittest". */
const HEADING_WORD = spelt(
  /\p{L}{3}(?:test|bericht|bilanz|beratung|vergleich|daten|blatt|check|fazit|anzeige|preise|liste|kosten|angebot|maße)$/iu,
);
/** Papers, kinds of price, aids and norms: a name ends before them. */
const OF_THE_SALE =
  /^(?:EZ|BJ|JG|HU|MOT|CT|APK|ITV|OTR|RRP|MSRP|UVP|VB|VHB|NCT|WOF|RWC|Bj|Ez|Jg|ABS|TFT|E[3-6]|EU\d|Euro\d?|RON|FSH|LAMS|LED|PS|CV|CH|KW|NM|KG|KM|CC|HP|BHP|LTR|MY(?:\d{2}){0,2})$/u;
/** Words behind which a name goes on about something else. */
const ENDS =
  /^(?:model[elo]?|modell[eo]?|modèle|modelljahr|modelår|modellår|årsmodell|year|baujahr|année|año|anno|rok|specs?|review|dane|données|daten|datos|dati|dados|gegevens|údaje|tiedot|parametry)$/iu;

export const endsName = (word: string): boolean => OF_THE_SALE.test(word) || ENDS.test(word);

/** "I've" and "Mine's" are the words before their marks. */
export const isCommon = (word: string): boolean =>
  COMMON.has(word.toLowerCase()) || COMMON.has(word.toLowerCase().replace(/['’].*$/u, ''));

/** A label, or what is none of a machine's: "Tankinhoud", "Verzekering". */
const isOfTrade = (word: string): boolean =>
  scanWords(word).some((m) =>
    m.meanings.some((x) => x.kind === 'label' || x.kind === 'taker' || x.kind === 'elsewhere'),
  );

/** Whether a capitalised word may open a machine's name. */
export const mayOpenName = (word: string): boolean =>
  /^\p{Lu}[\p{L}\d'’-]/u.test(word) &&
  !isCommon(word) &&
  !HEADING_WORD.test(word) &&
  !isOfTrade(word);
