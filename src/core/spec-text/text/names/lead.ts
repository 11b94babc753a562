import { spelt } from '../../vocabulary/letters';
/** Words before a name at the head of a line: what is done with it, what kind of text it is. */
const LEAD = spelt(
  /^(?:\s|[-*•·"'(#]|\d+[.)]\s)*(?:(?:for sale|privatverkauf|verkauft|biete(?: hier)?(?: meine)?|suche|aangeboden|eladó|specificaties|specs? of|price and specs|key specs of the|candidate [A-Z\d]|option [A-Z\d]|(?:motor)?bike(?: #?\d)?|motorcycle|moto(?:rrad|cicleta|cicletta)?|subject|re|selling(?: because)?|sell(?:ing)? my|swap my|vends|à vendre|se vende|vendo|vendesi|verkaufe|zu verkaufen|te koop|till salu|säljer|säljes|sælger|sælges|selger|selges|prodám|prodam|like new|cedo|cedesi|vds|cède|wts\/wtt|wtt\/wts|wtt|fs\/ft|myydään|sprzedam|vende-se|à venda|til salgs|til salg|technische daten|datenblatt|gebrauchtberatung|kaufberatung|fahrbericht|testbericht|probefahrt|guide d'achat|(?:quick |short )?summary|overview|kurzübersicht|zusammenfassung|road test|service (?:data|manual|information)|workshop (?:data|manual)|owner['’]s manual|werkstattdaten|wartungsdaten|(?:ex[- ]police )?auction|data sheet|datasheet|spec(?:s|[ -]sheet)?|fiche technique|ficha técnica|scheda tecnica|(?:tech(?:nical)? )?spec(?:s|ifications?)|tech(?:nical)? spec|specifications?|review|long[- ]term test|test|essai|prueba|prova|teste|vergleich|comparison|comparatif|comparativa|confronto|first ride|brand new|new|the new|neue[rs]?|gebrauchte[rs]?|nouvelle|nouveau|nuov[ao]|nuev[ao]|ex[- ]?demo(?:nstrator)?|demo|ex[- ]?rental|nearly new|pre[- ]?owned|approved used|immaculate|mint|stunning|lovely|tidy|clean|the|my|a|an|this|usata|usado|model|modell|modèle|modelo|modello|lot \d+|used|reduced|asking|wts|fs)(?![\p{L}])[\s:,.!–-]*)*/iu,
);
const YEAR_FIRST = /^\s*(?:((?:19[5-9]|20[0-3])\d)(?:\s*\(\d{2}\))?|['’](\d{2}))(?:\s+model)?\s+/u;

/** Where the head of a line ends that no name begins before, and the year within it. */
export function headOf(line: string): { readonly to: number; readonly year: number | undefined } {
  const lead = LEAD.exec(line)?.[0].length ?? 0;
  const year = YEAR_FIRST.exec(line.slice(lead));
  if (!year) return { to: lead, year: undefined };
  const at = lead + year[0].length;
  return {
    to: at + (LEAD.exec(line.slice(at))?.[0].length ?? 0),
    year: year[1] ? Number(year[1]) : inFull(Number(year[2])),
  };
}

/** The last short year that is of this century; no machine is sold before it is built. */
const LATEST_SHORT = 35;
/** "'22", "-19": the year in full. */
export const inFull = (short: number): number => (short <= LATEST_SHORT ? 2000 : 1900) + short;
