import { spelt } from '../vocabulary/letters';
import { SPROCKETS } from './pairs-said';
import { FRACTIONS } from './english-numbers';

const TAKEN_BACK = spelt(
  /\d[\d.,]*(\s?(?:"|”|inch(?:es)?|in|mm|cm|kg|lbs?|kilos?|pounds|lit(?:re|er)s?|l|hp|bhp|ps|kw)?(?:\s\p{L}+)?)(?:\?\s?(?:no|sorry|wait),?|,? no sorry,?)(?=\s[^.?!]{0,12}\d)/giu,
);

/** "14.2 inches travel? no, 6.7": what is taken back at once is none; place for place. */
export const takenBack = (line: string): string =>
  line.replace(TAKEN_BACK, (whole: string, behind: string) => {
    const words = behind.replace(
      /^\s?(?:"|”|inch(?:es)?|in|mm|cm|kg|lbs?|kilos?|pounds|lit(?:re|er)s?|l|hp|bhp|ps|kw)(?!\p{L})/iu,
      '',
    );
    return words.trim().padStart(whole.length);
  });

/** "Once a year" in a line on service is twelve months. */
export const yearly = (line: string): string =>
  /servic|maintenance|valve|oil|inspe[ck]|want it in|check|wartung|kundendienst|révision|entretien|revisi[oó]n|tagliand/iu.test(
    line,
  )
    ? line.replace(
        /(?<!\p{L})(?:once a year|once every year|every year|1x im jahr|1 x im jahr|1x jährlich|1x pro jahr|1x per year|1 keer per jaar|een keer per jaar|uma vez por ano|raz w roku|en gång om året|(?<=or )a year|annually|yearly|jährlich|einmal im jahr|une fois par an|una vez al año|una volta all'anno|(?<=\bo )(?:un año|un anno)|(?<=\bou )un an|(?<=oder )ein jahr)(?!\p{L})/giu,
        (words) => (words.length > 8 ? '12 months' : '12 mo').padStart(words.length),
      )
    : line;

/** "Net power (kW) at engine speed (min-1): 35 at 9000", as papers have it: the revs are said by the figure itself. */
export const certificate = (line: string): string =>
  line.replace(
    /(?<=\(?kW\)?)[ /]*(?:at|bei|à|a)? ?(?:(?:rated |engine )?speed|rpm|(?:nenn)?drehzahl|régime|régimen|regime)? ?\((?:min-?¹?1?|min⁻¹|rpm|1\/min|tr\/min|giri\/min)\)(?=\s*:)/giu,
    (words) => ' '.repeat(words.length),
  );

/** "Seventy odd to the gallon". Place for place. */
export const odd = (line: string): string =>
  line.replace(/(?<=\d)[ -]odd(?= )/giu, (words) => ' '.repeat(words.length));

/** "5 thousand 9 hundred and 99", as captions write it. */
const THOUSANDS = spelt(
  /(?<![\d.,])(\d{1,2}) thousand(?:,? (?:and )?([1-9]) hundred)?(?:,? (?:and )?([1-9]\d?))?(?![\d.,]*\d| (?:hundred|thousand|and a half))(?!\p{L})/giu,
);
const AND_PART = spelt(
  /(?<![\d.,/])(\d{1,3}) and (?:a (half|quarter)|three (quarters))(?!\p{L})/giu,
);

/** Digits and words in one number: "5 thousand 9 hundred and 99", "4 and a half". Place for place. */
export const mixed = (line: string): string =>
  line
    .replace(THOUSANDS, (words: string, thousands: string, hundreds = '0', rest = '0') =>
      String(Number(thousands) * 1000 + Number(hundreds) * 100 + Number(rest)).padStart(
        words.length,
      ),
    )
    .replace(AND_PART, (words: string, whole: string, part?: string, quarters?: string) =>
      String(Number(whole) + (FRACTIONS[(part ?? quarters ?? '').toLowerCase()] ?? 0)).padStart(
        words.length,
      ),
    );

/** Dutch "1 op 22": kilometres on a litre. Place for place. */
export const kilometresEach = (line: string): string =>
  line.replace(
    /(?<![\d.,])1 +op +(\d{2}(?:[.,]\d)?)(?![\d.,]?\d)/giu,
    (words: string, amount: string) => `${amount} km/L`.padStart(words.length),
  );
const PAIR = spelt(
  /(?<=(?:sprockets?|gearing|geared|runs?|stock|is|are|it['’]s|:) *)(1[1-7]) +and +([345]\d)(?![\d.,]*\d| ?(?:km|mi|k|hp|kw|nm|l|litres?|kilos?|kg|mm)(?!\p{L}))/giu,
);

/** "Sprockets fourteen and forty six". Place for place. */
export const paired = (line: string): string =>
  SPROCKETS.test(line)
    ? line.replace(PAIR, (whole: string, one: string, two: string) =>
        `${one}/${two}`.padStart(whole.length),
      )
    : line;

const EACH_TAKES = spelt(
  /(?<=(?<!\p{L})a (gallon|lit(?:re|er)) (?:takes|gets|gives|lasts|does|carries)(?: me| you| us| him| her)?(?: about| around)? +[\d.]+ )(miles|mi|kilomet(?:re|er)s|kms?|k)(?!\p{L})/giu,
);

/** Kilometres a litre in two places, so that `km` has room for it. */
const KM_A_LITRE = '㎞ℓ';
/** "Con un litro faccio 22 chilometri", "mit einem Liter komme ich 24 Kilometer weit", "avec un litre je fais 22 bornes". */
const WITH_ONE = spelt(
  /(?<=(?<!\p{L})(?:con un litro|avec un litre|mit (?:ei)?nem liter|com um litro|met een liter|med en liter) (?:di benzina |de gasolina |d['’]essence |benzin |sprit )?(?:(?:ci |ne |on |je |j['’]en |elle |il |ela |se |me |te )*(?:faccio|fa|fai|facciamo|percorro|hago|hace|haces|hacemos|ando|anda|recorro|fais|fait|roule|parcours|faço|faz|ando|komm\w*|fahre?|fährt|schaff\w*|rijd?t?|kom|kör|kører|kjører)(?: ik| ich| sie| man| du| die| jag| jeg| den)?) (?:circa |sui |i |unos |sobre |environ |à peu près |dans les |rund |etwa |so |ungefähr |uns |cerca de |ongeveer |cirka |ca\.? )? *[\d.,]+ +)(kilomet\p{L}+|chilometri|quilómetros|quilômetros|kilòmetres|km|bornes)(?!\p{L}|\/)/giu,
);
/** "22 chilometri con un litro", "24 Kilometer mit einem Liter". */
const OUT_OF_ONE = spelt(
  /(?<=\d )(kilomet\p{L}+|chilometri|quilómetros|quilômetros|km|bornes) (?:con un litro|avec un litre|mit (?:ei)?nem liter|com um litro|met een liter|med en liter|on a lit(?:re|er)|from a lit(?:re|er)|out of a lit(?:re|er))(?!\p{L})/giu,
);
const ON_ONE = spelt(
  /(?<!\p{L})(?:a (?:gallon|lit(?:re|er))|un litro|un litre|(?:ei)?nem liter|um litro|een liter|en liter)(?!\p{L})/iu,
);

/** "A gallon takes me 81 miles": what it does on one is no range. Place for place. */
export const onOne = (line: string): string =>
  !ON_ONE.test(line)
    ? line
    : line
        .replace(EACH_TAKES, (unit: string, of: string) =>
          (/^g/iu.test(of) ? 'mpg' : KM_A_LITRE).padEnd(unit.length),
        )
        .replace(WITH_ONE, (unit: string) => KM_A_LITRE.padEnd(unit.length))
        .replace(OUT_OF_ONE, (unit: string) => KM_A_LITRE.padEnd(unit.length));

const TORQUE_IN_NEWTONS = spelt(
  /(?<=\d ?(?:kw|kilowatts|horsepower|horses|hp|ps),?(?: and)? +\d{2,3} )newtons(?!\p{L})(?! ?-?m)/giu,
);

/** "Sixty nine kilowatts, ninety newtons": a torque, its metre left out. Place for place. */
export const newtonMetres = (line: string): string =>
  !/newtons/iu.test(line)
    ? line
    : line.replace(TORQUE_IN_NEWTONS, (unit) => 'Nm'.padEnd(unit.length));

/** "Sixty eight brake.": horsepower, its second half left out. Place for place. */
export const brakeHorse = (line: string): string =>
  !/brake/iu.test(line)
    ? line
    : line.replace(/(?<=\d )brake(?=[.,;]|\s*$)/giu, (unit) => 'bhp'.padEnd(unit.length));
