import { withBothCurrencies } from './to-version-15';
import { windApart } from './to-version-13';
import { intoTrialsAndMachines } from './to-version-5';
import type { RawTables, Step } from './step';

/** From each older version to the next; append-only. A stored file and a stored database of every version are opened in the tests. */
export const STEPS: readonly Step[] = [
  // Version 2 added facts, weak points, variants, listings, tags and notes on parts, all of them optional.
  { from: 1, name: 'whole sheet, variants and listings', run: (tables) => tables },
  // Version 3 added purposes, schools, swing weights, sits, air, passenger and keeping to the brief, notes to candidates, and facts that parts set; all optional.
  { from: 2, name: 'purposes, sits, keeping and notes', run: (tables) => tables },
  // Version 4 added verdicts and what was seen on machines.
  { from: 3, name: 'verdicts and visits', run: (tables) => tables },
  // Version 5 tells models, variants and machines apart, keeps trials as records of their own and shipped parts by their id.
  { from: 4, name: 'machines, trials, the catalogue apart', run: intoTrialsAndMachines },
  // Version 6 added how sure a must has to be, and the chance of each must to a verdict's sheet; both optional.
  { from: 5, name: 'how sure a must has to be', run: (tables) => tables },
  // Version 7 added what the rider holds typical of a class, musts taken as kept, the cruise as a must, and what was only typical to a verdict's sheet; all optional.
  { from: 6, name: 'what is typical of a class', run: (tables) => tables },
  // Version 8 added a purpose's own load, road and musts, loan, luggage room, cold, wet and what a rider lifts to the brief, a final ratio and luggage to the sheet, and parts that unlock; all optional.
  { from: 7, name: 'purposes with their own load and road', run: (tables) => tables },
  // Version 9 added what the rider holds machines of a class to be sold for; optional.
  { from: 8, name: 'what classes cost', run: (tables) => tables },
  // Version 10 added set-up sheets, what is asked of gears, speeds by revs to the sheet, and how a ride felt to trials; all optional.
  { from: 9, name: 'set-up, gearing and rides', run: (tables) => tables },
  // Version 11 added needs learned from rides to the brief; optional.
  { from: 10, name: 'needs learned from rides', run: (tables) => tables },
  // Version 12 added the heart as a want, doubt to effects of parts, months and daylight to the brief, facts typical of a class, prices of services, seat hours, limits of carriers and answers of sellers; all optional, and a table of photos.
  { from: 11, name: 'the heart, seasons, photos', run: (tables) => tables },
  // Version 13 tells wind at the helmet from wind on the chest, and added how far a seat goes down and a linkage's ratio at the end of its way.
  { from: 12, name: 'wind at helmet and chest', run: windApart },
  // Version 14 added that a donor's class is only guessed, and how often a class has which width of seat; both optional.
  { from: 13, name: 'a class that is guessed', run: (tables) => tables },
  // Version 15 has exchange rates that name both currencies, and prices of classes that name theirs.
  { from: 14, name: 'rates between two currencies', run: withBothCurrencies },
];

export const FORMAT_VERSION = STEPS.length + 1;

/** Rows of an older version brought to the newest, step by step. */
export const broughtUp = (tables: RawTables, from: number): RawTables =>
  STEPS.filter((step) => step.from >= from).reduce((at, step) => step.run(at), tables);
