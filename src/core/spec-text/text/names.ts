/** Who made it and what it is called, as far as the words say. */
export interface NamesRead {
  readonly maker: string;
  readonly model: string;
  readonly year: number | undefined;
  /** Where the name stands in the text, for telling machines apart. */
  readonly from: number;
}

/** Words before a name: what is done with it. */
const LEAD =
  /^(?:\s|[-*•·"'(#]|\d+[.)]\s)*(?:(?:for sale|selling(?: because)?|sell(?:ing)? my|swap my|vends|à vendre|se vende|vendo|vendesi|verkaufe|zu verkaufen|te koop|till salu|myydään|sprzedam|vende-se|à venda|til salgs|til salg|technische daten|datenblatt|gebrauchtberatung|kaufberatung|fahrbericht|guide d'achat|data sheet|datasheet|spec(?:s|[ -]sheet)?|fiche technique|ficha técnica|scheda tecnica|(?:tech(?:nical)? )?spec(?:s|ifications?)|tech(?:nical)? spec|specifications?|review|long[- ]term test|test|essai|prueba|prova|teste|vergleich|comparison|comparatif|comparativa|confronto|first ride|brand new|new|the new|ex[- ]?demo(?:nstrator)?|demo|ex[- ]?rental|nearly new|pre[- ]?owned|approved used|immaculate|mint|stunning|lovely|tidy|clean|the|my|a|an|this|usata|usado|model|modell|modèle|modelo|modello|lot \d+|used|reduced|asking|wts|fs)(?![\p{L}])[\s:,.!–-]*)*/iu;
const YEAR = /(?<![\d.,])(19[5-9]\d|20[0-3]\d)(?![\d.,]\d|\d)/u;
/** Words that no maker or model is called: the trade's own, and those that open sentences. */
const COMMON =
  /^(?:also|plus|kleinanzeige|anzeige|inserat|annuncio|anuncio|nr|ref|gvw|gvwr|gvm|zgg|ptac|werk|werksangabe|auch|aussi|anche|también|otherwise|engine|motor|moteur|motore|type|power|weight|seat|tank|price|for|sale|the|this|that|it|its|i|i'm|my|we|you|they|there|in|on|at|of|and|with|from|over|after|when|what|which|who|how|so|but|pros|cons|day|welcome|back|today|right|peak|oil|fork|forks|shock|stock|valve|valves|wet|dry|kerb|curb|front|rear|home|accept|specifications|specs|displacement|maximum|max|fuel|ground|service|abs|question|answer|swing|over|five|six|eleven|twenty|they|quoted|what|rear|rolls|leistung|hubraum|sitzhöhe|tank|die|der|das|meine|enduro|cylindrée|puissance|poids|avec|pesa|peso|cilindrada|cilinderinhoud|pojemność|moc|einzylinder|shaft|boxer|motorbauart|make|year|mileage|colour|color|title|invoice|room|travel|mass|with|everything|manual|altitude|normally|disp|bore|suspension|measured|observed|battery|alternator|idle|redline|chain|tyre|tyres|tire|tires|wheels|brakes|primary|features|technical|details|info|data|basic|chassis|general|list|available|manufacturer|production|certificate|conformity|infobox|related|commercial|stationary|document|mot|history|overview|rental|ergonomics|owner's|handbook|condition|year|owners|extras|comes|only|great|nice|good|please|contact|call|phone|no|not|yes|full|one|two|three|four|seven|eight|nine|ten|gewicht|radstand|preis|prix|prezzo|precio|tipo|potenza|potencia|potência|garantie|réservoir|hauteur|kilometres|kilometers|payload|budget|sitz|bank|sitzbank|schein|fahrzeugschein|prospekt|laut|hinten|vorne|vorn|fahrfertig|vollgetankt|hi|hello|hallo|hey|moin|servus|cat|fazit|kurzes|im|am|zum|should|would|could|can|do|does|did|is|are|was|anyone|anybody|thinking|looking|considering|went|claimed|claims|clearance|weighs|weighed|official|officially|stated|brochure|advertised|actual|actually|roughly|around|about|approx|nearly|almost|traded|swapped|sold|bought|got|mein|meine|meiner|kumpel|freund|mon|mio|mia|mijn|min|also|ich|jetzt|heute|gestern|hab|habe|nach|seit|wenn|hier|bei|mit|auf|für|ohne|nur|noch|buddy|mate|avant|après|depuis|prima|dopo|antes|después|débattements?|garde|capacité|couple|empattement|freins?|fourche|pneus?|roues?|jantes?|consommation|charge|selle|escursione|altezza|interasse|luce|coppia|freni|ruote|cerchi|consumo|serbatoio|recorridos?|altura|depósito|par|distancia|frenos|llantas|neumáticos|federwege?|zuladung|drehmoment|verbrauch|bodenfreiheit|bremsen?|reifen|felgen|veerweg|zithoogte|zadelhoogte|fjädringsväg|sitthöjd|tjänstevikt|datenblatt|mam|mám|mamy|máme|säljer|säljes|sælger|sælges|selger|selges|sprzedam|prodám|prodam|jeżdżę|jeździłem|har|jag|jeg|olen|minulla|tenho|vendo|ik|mijn|na|po|efter|etter|onze|ostin|kører|kjører|kör|jezdím|meu|minha|moja|mój|moje|min|mit|mitt)$/iu;

const TOKEN = /[\p{L}\d][\p{L}\d'’.\-/]*/gu;

const isCap = (word: string) => /^\p{Lu}/u.test(word) && !COMMON.test(word);
const isNumber = (word: string) =>
  /^\d{2,4}[A-Za-z]{0,2}$/.test(word) && !/\d(?:mm|cm|kg|lb|hp|kw|nm|cc|km|mi|in|ps)$/i.test(word);
const isCode = (word: string) => /^(?=.*\p{Lu})[\p{Lu}\d-]{1,5}$/u.test(word);
/** Short for a day of papers or a kind of price: ends a name. */
const OF_THE_SALE =
  /^(?:EZ|BJ|JG|HU|MOT|CT|APK|ITV|OTR|RRP|MSRP|UVP|VB|VHB|NCT|WOF|RWC|Bj|Ez|Jg)$/u;

/** A name at the start of a line: capitalised words and the numbers and codes among them. */
function nameAt(line: string, offset: number): NamesRead | undefined {
  const lead = LEAD.exec(line)?.[0].length ?? 0;
  let rest = line.slice(lead);
  let at = lead;
  const year = /^\s*((?:19[5-9]|20[0-3])\d)(?:\s+model)?\s+/u.exec(rest);
  if (year) {
    at += year[0].length;
    rest = rest.slice(year[0].length);
    const more = LEAD.exec(rest)?.[0].length ?? 0;
    at += more;
    rest = rest.slice(more);
  }
  const words: string[] = [];
  let end = 0;
  for (const match of rest.matchAll(TOKEN)) {
    const gap = rest.slice(end, match.index);
    if (words.length > 0 ? !/^\s{1,2}$/.test(gap) : match.index > 1) break;
    const word = match[0].replace(/[.'’\-/]+$/, '');
    const follows = rest.slice(match.index + match[0].length);
    const unitBehind =
      /^\s?(?:cc|km|kms|miles|mi|kg|lbs?|mm|hp|bhp|PS|kW|€|EUR|L|litres?|rpm|Nm|V|W|Ah|tooth|T|h|hours?)(?![\p{L}\d])/u.test(
        follows,
      );
    if (YEAR.test(word) && word.length === 4 && words.length > 0) break;
    // "Shale 450 EZ 05/2021", but a model may be called so.
    if (unitBehind || (words.length > 1 && OF_THE_SALE.test(word))) break;
    const later =
      isCap(word) || isNumber(word) || isCode(word) || /^(?:Enduro|Rally|Trail)$/u.test(word);
    if (!(words.length === 0 ? isCap(word) : later)) break;
    words.push(word);
    end = match.index + match[0].length;
    if (words.length === 5 || /[.,:;]$/.test(match[0])) break;
  }
  if (words.length === 0 || !words.some((w) => /\p{L}{3}/u.test(w))) return undefined;
  if (words.length === 1 && !year) return undefined;
  const told = words.map(titled);
  const [first = '', ...others] = told;
  const modelOnly = told.length === 2 && /^\d/.test(others[0] ?? '');
  return {
    maker: modelOnly || told.length === 1 ? '' : first,
    model: modelOnly || told.length === 1 ? told.join(' ') : others.join(' '),
    year: year ? Number(year[1]) : yearIn(line, YEAR),
    from: offset + at,
  };
}

const namedSo = (words: string): string => words.trim().split(/\s+/).map(titled).join(' ');

/** `VALBRET` is written `Valbret`; codes of up to three letters stay. */
const titled = (word: string): string =>
  /^\p{Lu}{4,}$/u.test(word) ? word[0] + word.slice(1).toLowerCase() : word;

const FIELD = {
  maker:
    /^\s*(?:make|maker|brand|manufacturer|marque|marke|hersteller|marca|merk)\s*[:=\t|]\s*(\S[^|]{0,40}?)\s*(?:\||$)/iu,
  model:
    /(?:^|\|)\s*(?:model(?: name)?|modell|modèle|modelo|modello|(?:commercial|trade|market) (?:name|description)|handelsbezeichnung|dénomination commerciale|denominazione commerciale|denominación comercial)\s*[:=\t|]\s*(\S[^|]{0,60}?)\s*(?:\||$)/iu,
  year: /^\s*(?:year|model year|baujahr|bj|année|año|anno|jaar|ez|erstzulassung)\s*[:=\t|.]?\s*(?:\d{1,2}[/.])?((?:19|20)\d{2})/iu,
};

/** Lines of a text that may open with a name, and the years it says. */
export function namesIn(
  text: string,
  lines: readonly { readonly line: string; readonly offset: number }[],
): NamesRead | undefined {
  let fields: { maker?: string; makerAt?: number; model?: string; year?: number } = {};
  for (const { line, offset } of lines.slice(0, 60)) {
    const maker = FIELD.maker.exec(line)?.[1];
    const model = FIELD.model.exec(line)?.[1];
    const year = FIELD.year.exec(line)?.[1];
    fields = {
      ...fields,
      ...(maker ? { maker: namedSo(maker), makerAt: offset } : {}),
      ...(model ? { model: namedSo(model) } : {}),
      ...(year ? { year: Number(year) } : {}),
    };
  }
  const started = lines
    .slice(0, 6)
    .flatMap(({ line, offset }) => [
      nameAt(line, offset),
      midSentence(line, offset),
      yearAndName(line, offset),
      nameAndNumber(line, offset),
      numberAlone(line, offset),
    ])
    .find((n) => n !== undefined);
  const year = fields.year ?? started?.year ?? saleYear(text);
  const { maker, makerAt = 0 } = fields;
  if (maker && !fields.model) return ofMaker(maker, makerAt, started, year);
  if (fields.model)
    return { maker: fields.maker ?? '', model: fields.model, year, from: lines[0]?.offset ?? 0 };
  return started
    ? { ...started, year }
    : year === undefined
      ? undefined
      : { maker: '', model: '', year, from: 0 };
}

/** Where a line of its own says who made it: what stands above that line, or begins with the maker, is the model. */
function ofMaker(
  maker: string,
  makerAt: number,
  started: NamesRead | undefined,
  year: number | undefined,
): NamesRead {
  const isMaker = started?.maker.toLowerCase() === maker.toLowerCase();
  if (!started || (!isMaker && started.from > makerAt))
    return { maker, model: '', year, from: makerAt };
  const model = isMaker ? started.model : `${started.maker} ${started.model}`.trim();
  return { ...started, maker, model, year };
}

/** "For sale: …", "Selling my …", "asking $9 for my 2021 …" in the middle of a line. */
const INSIDE =
  /(?:for sale:?|selling my|sell my|swap my|for my|verkaufe(?: meine)?|zu verkaufen:?|vends(?: ma)?|se vende|vendo|te koop:?|vende-se|myydään|the new|lot \d+:|it's the|my new|about the)\s+/iu;
function midSentence(line: string, offset: number): NamesRead | undefined {
  const match = INSIDE.exec(line);
  if (!match || match.index > 90) return undefined;
  const at = match.index + match[0].length;
  return nameAt(line.slice(at), offset + at);
}

/** "this stunning 2022 Maker Model 310": a year and capitalised words behind it. */
function yearAndName(line: string, offset: number): NamesRead | undefined {
  const match = /(?<!\d)(?:19[5-9]|20[0-3])\d (?=\p{Lu}\p{L}+ [\p{Lu}\d])/u.exec(line);
  return match ? nameAt(line.slice(match.index), offset + match.index) : undefined;
}

/** "meine Maker Model 450": two capitalised words and a number. */
function nameAndNumber(line: string, offset: number): NamesRead | undefined {
  const all = [
    ...line.matchAll(
      /(?<![\p{L}])\p{Lu}\p{L}{2,} (?:(?:\p{Lu}\p{L}{2,} |\p{Lu}{2,4} ){0,2}\d{3,4}(?![\d.,]*\d|\s?(?:cc|ccm|km|kms|mi|kg|lbs?|mm|hp|bhp|PS|kW|EUR|rpm|Nm|W)\b)|\p{Lu}{1,3}-?\d{3,4}\p{Lu}{0,2}(?![\p{L}\d]))/gu,
    ),
  ];
  // "My buddy rides an Ardmoor 800. I'm on the Hask 560."
  const match =
    all.find((m) => !SOMEBODY_ELSES.test(line.slice(Math.max(0, m.index - 60), m.index))) ?? all[0];
  if (!match) return undefined;
  // "Die Heide 580 wiegt": the article is none of its words.
  const words = match[0].split(' ');
  const first = words.findIndex((w) => !COMMON.test(w));
  const at = match.index + words.slice(0, first).join(' ').length + (first > 0 ? 1 : 0);
  return first < 0 ? undefined : nameAt(line.slice(at), offset + at);
}
const SOMEBODY_ELSES =
  /(?<!\p{L})(?:(?:mate|buddy|friend|brother|wife|husband|neighbou?r|pal|dad|he|she|kumpel|freund|frau|copain|pote|amigo|amico|vriend|kompis)(?: \p{Lu}\p{Ll}+)?(?:['’]s got| rides| has| had| owns| bought| got| hat| fährt| hatte| a| tiene| ha| heeft| rijdt| har| kör)|coming from|came from|(?:I|ich|ik|jag) (?:had|hatte|hade)|(?:vorher|früher|zuvor)(?: \p{L}+){0,3}) (?:an?|the|my|his|her|eine|die|une|la|una|een|en) $|(?<!\p{L})(?:traded(?: in)?|sold|swapped|exchanged) my $/iu;

/** "La 380 (37 ch, 166 kg)": a machine that is known by its number. */
function numberAlone(line: string, offset: number): NamesRead | undefined {
  const match =
    /^\s*(?:the|an?|la|le|il|el|die|der|das|de|een) (\d{3,4}(?: \p{Lu}[\p{L}\d]{0,9})?) \(/iu.exec(
      line,
    );
  return match
    ? {
        maker: '',
        model: match[1] ?? '',
        year: undefined,
        from: offset + line.indexOf(match[1] ?? ''),
      }
    : undefined;
}

const SALE_YEAR =
  /(?:\b(?:ez|erstzulassung|bj\.?|jg\.?|baujahr|de|du|del|anno|uit|reg|registered|immatricolata|from)\s*(?:\d{1,2}\/)?|\(|\b)((?:19[5-9]|20[0-3])\d)(?![\d.,]\d|\d|\s?(?:km|mi|€|EUR|rpm|mm|cc))/iu;
const saleYear = (text: string): number | undefined => yearIn(text.slice(0, 600), SALE_YEAR);

/** Money or a unit behind: no year. */
const AMOUNT_BEHIND = /^ ?(?:€|£|\$|eur|usd|gbp|chf|kr|zł|kms?|mi|miles|rpm|mm|cc|ccm)(?!\p{L})/iu;
const SUM_BEFORE = /(?:[€£$]|(?<!\p{L})(?:eur|usd|gbp|chf)) ?$/iu;
/** "MOT till May 2027", "tested 12 May 2026": when it was looked at, or until when it may run. */
const OF_PAPERS =
  /(?<!\p{L})(?:mot|tüv|hu|ct|itv|apk|revisione|contrôle technique|controle|besiktad|besiktigad|badanie|stk|inspection|tested|test|expir\p{L}*|until|till?|bis|jusqu'en|valid\p{L}*|gültig|tax(?:ed)?|rego|insurance|warranty|garantie|garanzia|garantía|posted|updated|published|listed|online|copyright|©)(?:[ :]+(?:\p{L}+\.?|\d{1,2}(?:st|nd|rd|th)?\.?|\d{1,2}[./-]\d{1,2}))*[ :./-]+$/iu;

/** The first year that a pattern finds which is no sum, no distance and no day of a test. */
function yearIn(text: string, pattern: RegExp): number | undefined {
  for (const match of text.matchAll(new RegExp(pattern.source, `${pattern.flags}g`))) {
    const year = match[1] ?? '';
    const from = match.index + match[0].lastIndexOf(year);
    const before = text.slice(Math.max(0, from - 40), from);
    if (AMOUNT_BEHIND.test(text.slice(from + 4, from + 14)) || SUM_BEFORE.test(before)) continue;
    if (!OF_PAPERS.test(before)) return Number(year);
  }
  return undefined;
}
