import type { UnitId } from './unit-table';

/** A word that people write for a unit; `gallon` and `mpg` are kept apart because the country is not said. */
export type UnitWord = UnitId | 'gallon' | 'mpg';

const WORDS: Record<UnitWord, string> = {
  kg: 'kg kgs kilo kilos kilogram kilograms',
  lb: 'lb lbs pound pounds',
  st: 'st stone stones',
  mm: 'mm millimetre millimetres',
  cm: 'cm centimetre centimetres',
  m: 'm metre metres meter meters',
  in: 'in ins inch inches " ″',
  ft: "ft foot feet ' ′",
  km: 'km kms kilometre kilometres kilometer kilometers',
  mi: 'mi mile miles',
  L: 'l lt ltr litre litres liter liters',
  'gal-us': 'usgal usg galus usgallon usgallons',
  'gal-imp':
    'impgal ukgal galimp galuk impgallon impgallons ukgallon imperialgallon imperialgallons',
  gallon: 'gal gallon gallons',
  'L/100km': 'l/100km l/100 litres/100km liters/100km',
  'km/L': 'km/l kml',
  'mpg-us': 'mpgus usmpg',
  'mpg-imp': 'mpgimp mpguk ukmpg impmpg',
  mpg: 'mpg',
  'km/h': 'km/h kmh kph',
  mph: 'mph mi/h',
  kW: 'kw',
  hp: 'hp bhp',
  PS: 'ps cv pk',
  Nm: 'nm n·m n.m n-m newtonmetre newtonmetres',
  'lbf-ft': 'lbf·ft lbf-ft lb-ft lbft ft-lb ftlb lb·ft ft·lb lb.ft lbs-ft ft-lbs',
  'kgf-m': 'kgf·m kgf-m kgm kgfm kg-m kg·m',
  rpm: 'rpm r/min min-1',
  h: 'h hr hrs hour hours',
  months: 'month months mo',
  years: 'yr yrs years',
  year: 'year',
  gears: 'gear gears speed speeds',
  teeth: 't teeth tooth',
  links: 'link links',
  cylinders: 'cylinder cylinders cyl',
  ratio: ':1 to1',
  deg: '° deg degree degrees',
  cc: 'cc ccm cm³ cm3',
  'cu-in': 'cuin cubicinches cubicinch',
  W: 'w watt watts',
  Ah: 'ah',
  'N/mm': 'n/mm',
  'kgf/mm': 'kgf/mm kg/mm',
  'lbf/in': 'lbf/in lb/in lbs/in',
  bar: 'bar',
  psi: 'psi',
  kPa: 'kpa',
  'qt-us': 'usqt qt quart quarts',
  EUR: 'eur € euro euros',
  USD: 'usd us$ $',
  GBP: 'gbp £',
  CHF: 'chf',
  SEK: 'sek',
  NOK: 'nok',
  DKK: 'dkk',
  PLN: 'pln zł',
  CZK: 'czk kč',
  AUD: 'aud a$ a$ au$',
  CAD: 'cad c$ c$ ca$',
  NZD: 'nzd nz$',
  ZAR: 'zar',
};

const LOOKUP: ReadonlyMap<string, UnitWord> = new Map(
  Object.entries(WORDS).flatMap(([id, words]) =>
    words.split(' ').map((word) => [word, id as UnitWord] as const),
  ),
);

/** The unit a written word stands for; spaces, case and a trailing point are ignored. */
export function findUnitWord(text: string): UnitWord | undefined {
  const word = text
    .toLowerCase()
    .replace(/[\s\u00a0()]/g, '')
    .replace(/(?<=[a-z])\.$/, '');
  return LOOKUP.get(word);
}
