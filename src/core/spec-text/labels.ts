import type { FigureKey } from '../readings';

/** What a label may stand for. With sides, front or rear is settled by a word nearby or by the order. */
export type LabelTarget =
  | { readonly kind: 'figures'; readonly keys: readonly FigureKey[] }
  | { readonly kind: 'sides'; readonly front: FigureKey; readonly rear: FigureKey }
  /** Figures under this label belong to the rider or to nothing on the sheet. */
  | { readonly kind: 'none' };

const figures = (...keys: readonly FigureKey[]): LabelTarget => ({ kind: 'figures', keys });
const sides = (front: FigureKey, rear: FigureKey): LabelTarget => ({ kind: 'sides', front, rear });
const none: LabelTarget = { kind: 'none' };

/** Words that name a figure, spread over makers' sheets, adverts and reviews. A label serves every dimension that its figures have. */
const LABELS: readonly (readonly [LabelTarget, string])[] = [
  [
    figures('mass'),
    'weight|mass|kerb weight|curb weight|wet weight|dry weight|weighs|weighing|weighed|weigh|kerb mass|curb mass|tips the scales at|kerb|curb|wt',
  ],
  [
    figures('maxMass'),
    'permitted maximum mass|maximum permitted mass|permitted maximum|maximum permissible weight|permissible total weight|max permissible weight|permitted total weight|maximum weight|max weight|max\\. weight|gross weight|gross vehicle weight|gvwr|gvw|gvm',
  ],
  [
    figures('payload'),
    'payload as stated|payload|load capacity|carrying capacity|maximum load|max load|max\\. load|useful load',
  ],
  [
    figures('power', 'powerRpm'),
    'maximum power|max power|max\\. power|peak power|power output|power|output|makes|produces|puts out',
  ],
  [figures('powerRpm'), 'power at'],
  [
    figures('unrestrictedPower'),
    'power before restriction|before restriction|unrestricted power|full-power version|unrestricted',
  ],
  [figures('torque', 'torqueRpm'), 'maximum torque|max torque|max\\. torque|peak torque|torque'],
  [figures('torqueRpm'), 'torque at'],
  [
    figures('redline'),
    'redline|red line|redlines at|rev limiter|rev limit|limiter|maximum engine speed|max rpm',
  ],
  [figures('idleSpeed'), 'idle speed|idle|idles at|tickover'],
  [figures('displacement'), 'displacement|cubic capacity|engine capacity|engine size|swept volume'],
  [figures('cylinders'), 'cylinders|number of cylinders'],
  [figures('compression'), 'compression ratio|compression'],
  [figures('gears'), 'gears|gearbox|transmission|number of gears'],
  [
    figures('finalRatio'),
    'final drive ratio|final reduction ratio|final reduction|final ratio|secondary ratio|secondary reduction|shaft ratio|belt ratio',
  ],
  [
    figures('luggageVolume'),
    'luggage that comes with it|luggage capacity|luggage volume|pannier capacity|case capacity',
  ],
  [figures('primaryRatio'), 'primary ratio|primary reduction|primary drive|primary'],
  [figures('ratio1'), 'first gear|1st gear|1st|first'],
  [figures('ratio2'), 'second gear|2nd gear|2nd|second'],
  [figures('ratio3'), 'third gear|3rd gear|3rd|third'],
  [figures('ratio4'), 'fourth gear|4th gear|4th|fourth'],
  [figures('ratio5'), 'fifth gear|5th gear|5th|fifth'],
  [figures('ratio6'), 'sixth gear|6th gear|6th|sixth'],
  [
    figures('sprocketFront'),
    'countershaft sprocket|front sprocket|drive sprocket|gearbox sprocket|countershaft',
  ],
  [figures('sprocketRear'), 'rear sprocket|driven sprocket|rear wheel sprocket'],
  [
    sides('sprocketFront', 'sprocketRear'),
    'sprockets|final drive|final gearing|final reduction|secondary drive|gearing',
  ],
  [figures('chainLinks'), 'chain length|chain'],
  [figures('seatHeight'), 'seat height|saddle height|standard seat height|seat|saddle'],
  [
    figures('tank'),
    'fuel tank capacity|fuel capacity|tank capacity|tank volume|fuel tank|petrol tank|gas tank|tank|fuel|holds',
  ],
  [
    figures('consumption'),
    'fuel consumption|consumption|fuel economy|economy|gas mileage|mileage|fuel use|returns|returned|averages|averaged|wmtc',
  ],
  [figures('statedRange'), 'range as stated|fuel range|tank range|cruising range|range'],
  [sides('travelFront', 'travelRear'), 'suspension travel|wheel travel|fork travel|travel'],
  [
    none,
    'shock stroke|shock travel|stroke|bore|bore and stroke|rider weight|rider|my weight|i weigh|i am|inseam|sag|static sag|luggage|pillion|passenger weight|width|length|overall length|overall width|overall height|height|disc|discs|brake|brakes|rotor|fork|forks|top speed|tow|screen|panniers|top case|altitude|temperature|reserve|kit',
  ],
  [figures('clearance'), 'ground clearance|clearance'],
  [sides('wheelFront', 'wheelRear'), 'wheel sizes?|wheel size|wheels|wheel|rims|rim'],
  [figures('wheelbase'), 'wheelbase|wheel base'],
  [figures('rake', 'trail'), 'rake and trail|rake/trail|rake / trail|steering geometry'],
  [
    figures('rake'),
    'steering head angle|head angle|castor angle|caster angle|steering angle|caster|rake',
  ],
  [figures('trail'), 'trail'],
  [
    figures('forkRate'),
    'fork spring, each leg|fork spring rate|fork springs|fork spring|fork rate',
  ],
  [figures('shockRate'), 'shock spring rate|shock spring|shock rate'],
  [sides('forkRate', 'shockRate'), 'spring rate|spring rates|springs'],
  [figures('motionRatio'), 'shock motion ratio|motion ratio'],
  [
    figures('springRiderMass'),
    'springs suit a rider of|sprung for a rider of|set up for a rider of|sprung for',
  ],
  [sides('pressureFront', 'pressureRear'), 'tyre pressures?|tire pressures?|pressures?'],
  [
    figures('alternator'),
    'alternator output|alternator|generator output|generator|stator|charging output',
  ],
  [figures('stockDraw'), 'stock electrical draw|electrical draw|stock draw'],
  [figures('battery'), 'battery'],
  [
    sides('axleLimitFront', 'axleLimitRear'),
    'axle limit|axle limits|axle load|permitted axle load|max axle load',
  ],
  [figures('rackLimit'), 'rack limit|rack load|rack rated for|rack capacity'],
  [figures('pegHeight'), 'footpeg height|peg height'],
  [figures('barHeight'), 'handlebar height|bar height'],
  [
    figures('serviceInterval', 'serviceHours', 'serviceMonths'),
    'service intervals?|services?|serviced|service every|servicing|maintenance|maintenance interval|service, by hours|service, by time',
  ],
  [
    figures('valveInterval', 'valveHours'),
    'valve checks?|valve clearances?|valve clearance check|valve adjustments?|valve inspection|valve interval|valves|valve check, by hours',
  ],
  [
    figures('oilInterval', 'oilHours', 'oilCapacity'),
    'oil changes?|oil capacity|engine oil|oil interval|oil|oil change, by hours',
  ],
  [
    figures('price'),
    'list price|price new|new price|asking price|price|msrp|rrp|asking|costs?|priced at|priced|sells for',
  ],
  [figures('usedPrice'), 'price used|used price|used prices|second-hand price|used from|used'],
  [figures('unlockPrice'), 'price of unlocking|unlocking|derestriction|full-power kit'],
  [figures('warranty'), 'warranty|guarantee'],
  [figures('madeFrom'), 'made from|built from|introduced in|introduced'],
  [figures('madeUntil'), 'made until|built until|discontinued in|discontinued'],
  [figures('dealerDistance'), 'dealer distance|nearest dealer|dealer'],
];

/** Labels by their words; the words are pattern sources. */
export const LABEL_ENTRIES: readonly { readonly target: LabelTarget; readonly words: string }[] =
  LABELS.flatMap(([target, list]) => list.split('|').map((words) => ({ target, words }))).sort(
    (a, b) => b.words.length - a.words.length,
  );
