import { spelt } from '../../vocabulary/letters';
import type { Span } from './cue';

/** A name with a number: "Dray 498". */
const NAME = spelt(
  /(?<!\p{L})(\p{Lu}[\p{L}'-]+) (\d{3,4})(?![\d.,]*\d|[\d.,]*\s?(?:cc|ccm|km|kms|mi|miles|kg|lbs?|mm|hp|bhp|PS|kW|EUR|€|rpm|Nm|W|L|l)(?!\p{L}))/gu,
);
/** "Rally version". */
const VERSION = spelt(
  /(?<!\p{L})(\p{Lu}[\p{L}'-]*\p{L})[- ](?:[Vv]ersion|model|edition|variant|trim|versie|versionen|versjonen|udgaven|utgaven|versiossa)(?!\p{L})/gu,
);
/** "La versione Rally", "la versión Rally". */
const VERSION_OF = spelt(
  /(?<!\p{L})(?:[Vv]ersione?|[Vv]ersión|[Vv]ersão|[Ww]ersja|[Vv]erze|versie|modell?o|modèle|variante|ausführung) (\p{Lu}[\p{L}'-]+)(?!\p{L})/gu,
);
/** A clause begins, perhaps with "on my", before a name. */
const BEGINS = spelt(
  /(?:^[^\p{L}\d]*|[,;:(–—]\s*|(?<!\p{L})(?:and|but|while|whereas|und|aber|et|mais|y|pero|e|ma|en|maar) )(?:(?:on|with|auf|mit|sur|avec|en|con|su|op|met) )?(?:the|(?:la |sulla |della )mia|an?|my|his|her|their|d(?:ie|er|as|en|em)|eine?r?|meine?r?|l[ae]|un[ae]?|m[ao]n?|mi|il|el|de|een) $/iu,
);
/** As far as it is looked back for, in characters. */
const BACK_TO = 40;
/** What is called so is the machine itself, or is told of elsewhere. */
const ITSELF =
  /^(?:A[12]?|Base|Basis|Serien|Grund|Standard|Stock|Basic|New|Latest|Current|Low|Lowered|Entry|Road|Same|European|American|UK|US|EU|Euro)$/iu;
const YEAR = /^(?:19[5-9]|20[0-4])\d$/;

/** Where a sentence turns back from another machine. */
const BACK = spelt(
  /;|,? (?:but|aber|mais|pero|maar|whereas|while)(?!\p{L})|, ma(?!\p{L})|(?<!\p{L})(?:this one|mine)(?!\p{L})/iu,
);

/**
 * What a sentence tells of a machine of another name, up to where it turns back.
 * @param own words of this machine's name in small letters; without a number among them nothing is told apart
 */
export function anotherNamed(text: string, own: readonly string[]): readonly Span[] {
  if (!own.some((w) => /^\d{3,4}/.test(w))) return [];
  const isOwn = (word: string) => own.includes(word.toLowerCase());
  const opens = ({ index }: RegExpExecArray) =>
    BEGINS.test(text.slice(Math.max(0, index - BACK_TO), index));
  const heads = ({ index }: RegExpExecArray) => text.slice(0, index).trim() === '';
  const found = [
    ...[...text.matchAll(NAME)].filter(
      (m) => !isOwn(m[1] ?? '') && !isOwn(m[2] ?? '') && !YEAR.test(m[2] ?? '') && opens(m),
    ),
    ...[VERSION, VERSION_OF]
      .flatMap((named) => [...text.matchAll(named)])
      .filter((m) => !isOwn(m[1] ?? '') && !ITSELF.test(m[1] ?? '') && (opens(m) || heads(m))),
  ];
  return found.map((m): Span => {
    const from = m.index + m[0].length;
    const rest = text.slice(from);
    const ends = [
      BACK.exec(rest)?.index,
      ...own.map((w) =>
        rest.toLowerCase().search(new RegExp(`(?<![\\p{L}\\d])${w}(?![\\p{L}\\d])`, 'u')),
      ),
    ].filter((i): i is number => i !== undefined && i >= 0);
    return {
      from,
      to: from + Math.min(rest.length, ...ends),
      cue: { from: m.index, to: from },
      standing: 'of-another',
      factsOnly: false,
      sparesMoney: false,
    };
  });
}
