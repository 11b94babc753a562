import type { UnitWord } from '../units';

/** How units are written in running text, beyond the single words of `core/units`. Longest first when matched. */
const WRITTEN: Readonly<Partial<Record<UnitWord, readonly string[]>>> = {
  'gal-us': [
    'us gallons',
    'us gallon',
    'us gal',
    'us-gal',
    'u\\.s\\. gallons',
    'u\\.s\\. gal',
    'gal \\(us\\)',
    'gallons \\(us\\)',
    'gal us',
    'us gallons?',
  ],
  'gal-imp': [
    'imperial gallons',
    'imperial gallon',
    'imp gallons',
    'imp\\. gal',
    'imp gal',
    'uk gallons',
    'uk gal',
    'gal \\(imp\\)',
    'gal \\(uk\\)',
    'gallons \\(imp\\)',
    'gal imp',
    'gal(?:lons?)? \\(imperial\\)',
  ],
  gallon: ['gallons', 'gallon', 'gal'],
  'mpg-us': ['mpg \\(us\\)', 'mpg us', 'us mpg', 'mpg-us'],
  'mpg-imp': [
    'mpg \\(imp\\)',
    'mpg \\(uk\\)',
    'mpg imp',
    'mpg uk',
    'imp mpg',
    'uk mpg',
    'mpg-imp',
    'mpg \\(imperial\\)',
    'imperial mpg',
    'mpg imperial',
  ],
  mpg: ['miles per gallon', 'mpg'],
  'L/100km': ['l ?/ ?100 ?km', 'litres per 100 ?km', 'liters per 100 ?km', 'litres/100 ?km'],
  'km/L': ['km ?/ ?l', 'km per litre', 'km/litre'],
  kW: ['kilowatts', 'kw'],
  hp: ['horsepower', 'bhp', 'rwhp', 'whp', 'hp'],
  PS: ['ps', 'cv', 'pk'],
  Nm: ['newton[- ]met(?:re|er)s?', 'n·m', 'n\\.m', 'n m', 'nm'],
  'lbf-ft': [
    'lbf·ft',
    'lbf-ft',
    'lb·ft',
    'lb[- ]?\\.?ft\\.?',
    'lbs?-ft',
    'ft[- .·]?lbs?',
    'ft\\.-lbs?\\.?',
    'foot[- ]pounds',
    'pound[- ]feet',
    'lbft',
  ],
  'kgf-m': ['kgf·m', 'kgf-m', 'kgf m', 'kg-m', 'kgm'],
  rpm: ['rpm', 'r/min', 'min-1', '1/min', 'u/min'],
  'km/h': ['km/h', 'kph', 'km/hr'],
  mph: ['mph'],
  in: ['inches', 'inch', 'ins', 'in\\.', 'in', '"', '″', '”', "''"],
  mm: ['millimetres', 'millimeters', 'mm'],
  cm: ['centimetres', 'centimeters', 'cm'],
  m: ['metres', 'meters', 'm'],
  kg: ['kilograms', 'kilogrammes', 'kilos', 'kgs', 'kg'],
  lb: ['pounds', 'lbs\\.?', 'lb\\.?'],
  L: ['litres', 'liters', 'litre', 'liter', 'ltr', 'lt', 'l'],
  'qt-us': ['us qt', 'quarts', 'qt'],
  km: ['kilometres', 'kilometers', 'kms', 'km'],
  mi: ['miles', 'mile', 'mi'],
  h: ['engine hours', 'running hours', 'hours', 'hour', 'hrs', 'hr', 'h'],
  months: ['months', 'month', 'mo'],
  years: ['years', 'yrs', 'year'],
  cc: ['cubic cent(?:imetres|imeters)', 'cm³', 'cm3', 'ccm', 'cc'],
  'cu-in': ['cubic inches', 'cu\\.? ?in\\.?'],
  deg: ['degrees', 'deg', '°'],
  W: ['watts', 'watt', 'w'],
  Ah: ['amp[- ]hours', 'ah'],
  'N/mm': ['n ?/ ?mm'],
  'kgf/mm': ['kgf/mm', 'kg/mm'],
  'lbf/in': ['lbf/in', 'lbs?/in\\.?'],
  bar: ['bar'],
  psi: ['psi'],
  kPa: ['kpa'],
  ratio: [': ?1', 'to 1'],
  teeth: ['teeth', 'tooth', 't'],
  links: ['links'],
  gears: ['gears', 'speeds', 'speed'],
  cylinders: ['cylinders', 'cylinder'],
  EUR: ['eur', '€', 'euros?'],
  USD: ['usd', 'us\\$', '\\$'],
  GBP: ['gbp', '£'],
  CHF: ['chf'],
  SEK: ['sek'],
  NOK: ['nok'],
  PLN: ['pln', 'zł'],
  CZK: ['czk', 'kč'],
  AUD: ['aud', 'a\\$'],
  CAD: ['cad', 'c\\$'],
  NZD: ['nzd'],
  ZAR: ['zar'],
};

const FORMS = (Object.entries(WRITTEN) as [UnitWord, readonly string[]][])
  .flatMap(([unit, forms]) => forms.map((form) => ({ unit, form })))
  .sort((a, b) => b.form.length - a.form.length);

/** Source of a pattern that matches one written unit, longest first; it must end where the word ends. */
export const UNIT_SOURCE = `(?:${FORMS.map((f) => f.form).join('|')})(?![\\p{L}\\d³])`;

const EXACT = FORMS.map(({ unit, form }) => ({ unit, pattern: new RegExp(`^${form}$`, 'iu') }));
const seen = new Map<string, UnitWord | undefined>();

/** The unit a matched form stands for. */
export function writtenUnit(text: string): UnitWord | undefined {
  const word = text
    .trim()
    .toLowerCase()
    .replace(/[\s\u00a0\u202f]+/g, ' ');
  if (!seen.has(word)) seen.set(word, EXACT.find((f) => f.pattern.test(word))?.unit);
  return seen.get(word);
}
