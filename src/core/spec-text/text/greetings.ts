import { spelt } from '../vocabulary/letters';
import type { Line } from './lines';

/** A first line that only greets: whom it greets is no machine, and it is no title. Common usage, no source. */
const GREETING = spelt(
  /^\s*(?:dear|hello|hi|hey|howdy|yo|g['’]day|greetings|(?:good )?(?:morning|afternoon|evening|day)(?= (?:all|everyone|folks|guys|gents|\p{Lu})|[,!]|$)|guten (?:tag|morgen|abend)|sehr geehrte[rs]?|liebe[rs]?|hallo|hallöchen|moin|servus|salü|tach|mahlzeit|grüezi|gruezi|grüß gott|grüß euch|bonjour|bonsoir|salut|coucou|chère?s?|buongiorno|buonasera|gentile|egregio|salve|ciao|hola|buenas|buen[oa]s (?:días|tardes|noches)|saludos|estimad[oa]s?|olá|ola|(?:boas|viva)(?= (?:pessoal|a todos|malta)|[,!]|\s*$)|bom dia|boa tarde|boa noite|exm[oa]|hej|hejsan|tjena|hei|halla|heisann|god (?:dag|morgen|morgon|kväll|aften|kveld)|goddag|beste|geachte|goedendag|goedemorgen|hoi|dag|szanown[ya]|dzień dobry|cześć|czesc|witam|witajcie|siema|siemka|dobrý den|dobrý večer|ahoj|čau|zdravím|nazdar|vážen[ýáí]|moi(?= kaikki|[,!]|\s*$)|moikka|terve|hyvää päivää|päivää)(?:,? [\p{L}.'’/-]+){0,5}\s*(?:[,!:.]+\s*)?$/iu,
);
/** A last line that takes leave: the name below it is the writer's. Common usage, no source. */
const LEAVE = spelt(
  /^\s*(?:cheers|regards|(?:best|kind|warm|many) (?:regards|wishes|thanks)|(?:many )?thanks(?: (?:in advance|all|everyone|folks|a lot|for reading))?|thank you|ta|ride safe|safe riding|mfg|lg|vg|gruß|grüße|(?:viele|liebe|beste|schöne) grüße|mit freundlichen grüßen|danke(?: im voraus| euch| schön)?|cordialement|merci(?: d['’]avance| à tous)?|bonne (?:route|journée)|saluti|cordiali saluti|grazie(?: a tutti| mille)?|un saludo|saludos|gracias(?: a todos)?|v['’]s|groeten|groetjes|met vriendelijke groet(?:en)?|bedankt(?: alvast)?|obrigad[oa]|cumprimentos|abraço|pozdrawiam|dzięki|hälsningar|mvh|med vänlig hälsning|tack(?: på förhand)?|hilsen|med vennlig hilsen|med venlig hilsen|takk|tak|díky|s pozdravem|děkuji|kiitos|terveisin|sent from my \p{L}+)(?:[,!.]* ?\p{Lu}?\p{Ll}{0,15}){0,2}[\s,.!:)-]*$/iu,
);
/** Whoever signs does so with one or two words. */
const SIGNED = spelt(/^\s*(?:[-–—~]\s*)?\p{Lu}[\p{L}'’.-]{0,16}(?: \p{Lu}[\p{L}'’.-]{0,16})?\s*$/u);
const SHORT = 60;

/** A line that only greets somebody: short, and without a number. */
const greets = (line: string): boolean => line.length < SHORT && GREETING.test(line);
const takesLeave = (line: string): boolean => line.length < SHORT && LEAVE.test(line);

const isEmpty = ({ line }: Line): boolean => line.trim() === '';

/** Lines without the greeting that they begin with, and without the leave that is taken at their end. */
export function withoutGreetings(lines: readonly Line[]): readonly Line[] {
  const first = lines.findIndex((l) => !isEmpty(l));
  const from = first >= 0 && greets(lines[first]?.line ?? '') ? first + 1 : 0;
  let to = lines.length;
  const last = () => lines.slice(from, to).findLastIndex((l) => !isEmpty(l)) + from;
  const end = last();
  const before = lines.slice(from, end).findLastIndex((l) => !isEmpty(l)) + from;
  if (takesLeave(lines[end]?.line ?? '')) to = end;
  else if (
    before > from &&
    SIGNED.test(lines[end]?.line ?? '') &&
    takesLeave(lines[before]?.line ?? '')
  )
    to = before;
  return from < to ? lines.slice(from, to) : lines;
}
