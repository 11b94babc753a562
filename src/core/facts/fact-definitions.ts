/** What a sheet says in words: a choice from a short list, or a tyre's designation. */
export type FactDefinition =
  | { readonly kind: 'choice'; readonly options: readonly [string, ...string[]] }
  | { readonly kind: 'tyre' };

const choice = <const O extends readonly [string, ...string[]]>(...options: O) =>
  ({ kind: 'choice', options }) as const;
const yesNo = choice('yes', 'no');
const adjusters = choice('none', 'preload', 'preload-rebound', 'full');

/** Every fact of a donor's sheet. Option names are stored and exported; the screen has words for them. */
export const FACT_DEFINITIONS = {
  layout: choice('single', 'parallel-twin', 'v-twin', 'boxer-twin', 'triple', 'four'),
  cooling: choice('air', 'air-oil', 'liquid'),
  fuelling: choice('injection', 'carburettor'),
  starter: choice('electric', 'kick', 'both'),
  fuelGrade: choice('regular', 'mid', 'premium'),
  finalDrive: choice('chain', 'shaft', 'belt'),
  chainPitch: choice('428', '520', '525', '530'),
  forkType: choice('conventional', 'upside-down', 'other'),
  forkAdjust: adjusters,
  shockType: choice('single', 'twin'),
  shockAdjust: adjusters,
  linkage: choice('linkage', 'direct'),
  shockRebuildable: yesNo,
  wheelType: choice('spoked-tubes', 'spoked-tubeless', 'cast'),
  rimLocks: yesNo,
  tyreFront: { kind: 'tyre' },
  tyreRear: { kind: 'tyre' },
  brakeFront: choice('single-disc', 'twin-disc', 'drum'),
  abs: choice('none', 'fixed', 'rear-off', 'both-off'),
  absStaysOff: yesNo,
  tractionControl: choice('none', 'fixed', 'switchable'),
  ridingModes: yesNo,
  cruiseControl: yesNo,
  socket: choice('none', 'twelve-volt', 'usb'),
  seatWidth: choice('light', 'enduro', 'middle', 'wide'),
  screen: choice('none', 'small', 'tall', 'adjustable'),
  fairing: choice('none', 'half', 'full'),
  sumpGuard: choice('none', 'plastic', 'alloy'),
  handGuards: choice('none', 'plastic', 'spine'),
  crashBars: choice('none', 'partial', 'full'),
  underEngine: choice('rails', 'no-rails'),
  subframe: choice('bolted', 'welded', 'none'),
  stockRack: choice('none', 'small', 'full'),
  passenger: yesNo,
  warrantyPasses: yesNo,
  stillMade: yesNo,
  partsSupply: choice('good', 'ordinary', 'thin', 'none'),
  aftermarket: choice('deep', 'some', 'thin'),
} as const satisfies Record<string, FactDefinition>;

export type FactKey = keyof typeof FACT_DEFINITIONS;
export const FACT_KEYS = Object.keys(FACT_DEFINITIONS) as readonly FactKey[];
export const factDefinition = (key: FactKey): FactDefinition => FACT_DEFINITIONS[key];
export const isFactKey = (text: string): text is FactKey => Object.hasOwn(FACT_DEFINITIONS, text);
