import type { FactKey } from '../../facts';

/** Phrases that state a fact by themselves. */
export const FACT_PHRASES: readonly (readonly [FactKey, string, RegExp])[] = [
  ['cooling', 'liquid', /\b(?:liquid|water)[- ]cool(?:ed|ing)\b/iu],
  ['cooling', 'air-oil', /\bair[-/ ](?:and |& )?oil[- ]cool(?:ed|ing)\b|\boil[- ]cooled\b/iu],
  ['cooling', 'air', /\bair[- ]cool(?:ed|ing)\b/iu],
  [
    'layout',
    'single',
    /\bsingle[- ]cylinder\b|\bthumper\b|\b(?:liquid|water|air|oil)[- ]?cooled (?:\d+ ?cc )?(?:dohc |sohc |4-stroke |four-stroke )?single\b|\b\d{2,3} ?cc single\b|\bthe single\b|\bsingle\b(?=\s*[.;)]|\s*$)|\b(?:dohc|sohc) single\b/iu,
  ],
  [
    'forkAdjust',
    'full',
    /\bfully[- ]adjustable (?:usd |front |inverted )?(?:forks?|suspension)\b|\bforks? (?:is|are) fully adjustable\b/iu,
  ],
  [
    'shockAdjust',
    'full',
    /\bfully[- ]adjustable (?:rear )?(?:shock|monoshock|suspension)\b|\bshock is fully adjustable\b/iu,
  ],
  [
    'shockAdjust',
    'preload',
    /\bpreload[- ]adjust\w+ (?:rear )?(?:mono)?shock\b|\bpreload (?:only )?on the shock\b/iu,
  ],
  ['layout', 'parallel-twin', /\bparallel[- ]twin\b|\binline[- ]twin\b/iu],
  ['layout', 'v-twin', /\bv[- ]twin\b/iu],
  ['layout', 'boxer-twin', /\bboxer\b|\bflat[- ]twin\b/iu],
  ['layout', 'triple', /\b(?:inline[- ])?triple\b|\bthree[- ]cylinder\b/iu],
  ['layout', 'four', /\binline[- ]four\b|\bfour[- ]cylinder\b/iu],
  ['fuelling', 'injection', /\b(?:electronic )?fuel[- ]inject(?:ion|ed)\b|\befi\b/iu],
  ['fuelling', 'carburettor', /\bcarb(?:uret(?:t)?or|uret(?:t)?ed|s)?\b/iu],
  ['starter', 'both', /\belectric (?:start(?:er)? )?(?:and|&|\+|plus) kick\b/iu],
  ['starter', 'electric', /\belectric start(?:er)?\b/iu],
  ['starter', 'kick', /\bkick[- ]?start(?:er)?(?: only)?\b|\bkick only\b/iu],
  ['fuelGrade', 'premium', /\bpremium (?:fuel|unleaded|petrol)\b|\bron ?98\b/iu],
  ['fuelGrade', 'mid', /\b(?:premium (?:unleaded|fuel|petrol)[^.;]{0,14})?ron ?95\b|\b91 aki\b/iu],
  ['fuelGrade', 'regular', /\bregular (?:fuel|unleaded|petrol)\b|\bron ?91\b/iu],
  ['finalDrive', 'shaft', /\bshaft[- ](?:final[- ])?driv(?:e|en)\b/iu],
  ['finalDrive', 'belt', /\bbelt[- ]driv(?:e|en)\b/iu],
  ['finalDrive', 'chain', /\bchain[- ](?:final[- ])?driv(?:e|en)\b|\bfinal drive by chain\b/iu],
  ['chainPitch', '428', /\b428\b(?=[^\d]{0,12}chain)|chain[^\d]{0,8}\b428\b/iu],
  ['chainPitch', '520', /\b520\b(?=[^\d]{0,12}chain)|chain[^\d]{0,8}\b520\b/iu],
  ['chainPitch', '525', /\b525\b(?=[^\d]{0,12}chain)|chain[^\d]{0,8}\b525\b/iu],
  ['chainPitch', '530', /\b530\b(?=[^\d]{0,12}chain)|chain[^\d]{0,8}\b530\b/iu],
  ['forkType', 'upside-down', /\b(?:upside[- ]down|inverted|usd) forks?\b/iu],
  ['forkType', 'conventional', /\b(?:conventional|right[- ]side[- ]up|telescopic) forks?\b/iu],
  ['linkage', 'direct', /\b(?:no linkage|linkless|without (?:a )?linkage)\b/iu],
  ['linkage', 'linkage', /\b(?:rising[- ]rate|with (?:a )?linkage|linkage shock)\b/iu],
  ['shockType', 'twin', /\b(?:twin|dual) shocks?\b/iu],
  ['shockType', 'single', /\bmono[- ]?shock\b|\bsingle (?:rear )?shock\b/iu],
  ['wheelType', 'cast', /\b(?:cast|alloy) wheels?\b/iu],
  [
    'wheelType',
    'spoked-tubeless',
    /\btubeless[^.;]{0,12} spoke[sd]?\b|\bspoked?[^.;]{0,14}\btubeless\b/iu,
  ],
  ['wheelType', 'spoked-tubes', /\b(?:wire|spoked?)[- ](?:wheels?|rims?)\b|\bspoked\b/iu],
  ['brakeFront', 'twin-disc', /\b(?:twin|dual|double) (?:front )?discs?\b/iu],
  ['brakeFront', 'single-disc', /\bsingle (?:front )?disc\b/iu],
  [
    'abs',
    'both-off',
    /\babs (?:can be |may be )?(?:fully |completely )?(?:switched off|disabled|switchable)(?: front and rear| at both ends)\b/iu,
  ],
  ['abs', 'rear-off', /\b(?:switchable rear abs|rear abs (?:can be )?(?:switched )?off)\b/iu],
  [
    'abs',
    'rear-off',
    /\babs[^.;]{0,24}(?:switch(?:ed)? off|off|disabled?|switchable)[^.;]{0,12}(?:at the (?:rear|back)|rear (?:only|wheel))|\b(?:switch|turn) (?:off )?the rear abs(?: off)?\b/iu,
  ],
  [
    'abs',
    'both-off',
    /\b(?:switchable|disengageable|defeatable|cancellable) abs\b|\babs[^.;]{0,40}\bswitchable\b/iu,
  ],
  ['socket', 'usb', /\busb(?:-c)? (?:socket|charger|port|charging|outlet)s?\b/iu],
  ['socket', 'twelve-volt', /\b12 ?v(?:olt)? (?:socket|outlet|accessory socket)\b/iu],
  ['screen', 'adjustable', /\badjustable (?:wind)?(?:screen|shield)\b/iu],
  ['wheelType', 'cast', /\b(?:inch|rims?|wheels?|rear|1[7-9])\b[^.;]{0,20}\bcast\b/iu],
  ['abs', 'none', /\b(?:no|without) abs\b/iu],
  ['absStaysOff', 'yes', /\babs stays off\b/iu],
  ['absStaysOff', 'no', /\babs (?:comes|turns|switches) (?:back )?on\b/iu],
  ['tractionControl', 'none', /\b(?:no|without) traction control\b/iu],
  [
    'tractionControl',
    'switchable',
    /\b(?:switchable|disengageable) traction control\b|\btraction control[^.;]{0,30}\bswitchable\b/iu,
  ],
  ['cruiseControl', 'no', /\b(?:no|without) cruise control\b/iu],
  ['cruiseControl', 'yes', /\bcruise control\b/iu],
  ['ridingModes', 'yes', /\b(?:riding|ride|engine) modes\b/iu],
  ['handGuards', 'spine', /\bhand ?guards? with (?:an )?alloy (?:spine|bar)\b/iu],
  ['handGuards', 'none', /\bno hand ?guards?\b/iu],
  ['handGuards', 'plastic', /\bplastic hand ?guards?\b/iu],
  [
    'sumpGuard',
    'alloy',
    /\b(?:alloy|aluminium|aluminum) (?:skid|bash|sump)[- ]?(?:plate|guard)\b/iu,
  ],
  ['sumpGuard', 'plastic', /\bplastic (?:skid|bash|sump)[- ]?(?:plate|guard)\b/iu],
  ['sumpGuard', 'none', /\bno (?:skid|bash|sump)[- ]?(?:plate|guard)\b/iu],
  [
    'subframe',
    'bolted',
    /\bbolt(?:ed)?[- ]on subframe\b|\bsubframe (?:is )?bolt(?:ed|s)(?: on)?\b/iu,
  ],
  ['subframe', 'welded', /\bwelded(?: on)? subframe\b|\bsubframe (?:is )?welded\b/iu],
  ['underEngine', 'no-rails', /\bno frame rails\b/iu],
  ['passenger', 'no', /\b(?:no (?:pillion|passenger)|solo seat)\b/iu],
];

/** "Label: words" lines: the label of a fact, and which words mean which option. Words are matched whole, longest first. */
export const FACT_LABELS: Readonly<
  Record<FactKey, { readonly labels: string; readonly options: Readonly<Record<string, string>> }>
> = (() => {
  const yesNo = { yes: 'yes|true', no: 'no|false|none' };
  const adjusters = {
    full: 'preload, compression, rebound|fully adjustable|full',
    'preload-rebound': 'preload and rebound|rebound and preload',
    preload: 'preload only|preload',
    none: 'no adjusters|not adjustable|none',
  };
  return {
    layout: {
      labels: 'engine layout|engine type|layout|engine|type|configuration',
      options: {
        single:
          'single(?! overhead| channel| shock| disc| sided)(?:[- ]cylinder)?|single cylinder|1 cylinder',
        'parallel-twin': 'parallel twin|inline twin',
        'v-twin': 'v-twin|v twin',
        'boxer-twin': 'boxer twin|boxer',
        triple: 'triple',
        four: 'four',
      },
    },
    cooling: {
      labels: 'cooling|cooling system',
      options: { 'air-oil': 'air and oil|air/oil|oil', liquid: 'liquid|water', air: 'air' },
    },
    fuelling: {
      labels: 'fuelling|fueling|fuel system',
      options: { injection: 'fuel injection|injection|efi', carburettor: 'carburettor|carburetor' },
    },
    starter: {
      labels: 'starter|starting|starter system|starting system|start',
      options: { both: 'electric and kick', electric: 'electric', kick: 'kick' },
    },
    fuelGrade: {
      labels: 'fuel grade|fuel type|recommended fuel',
      options: { premium: 'premium|ron 98', mid: 'ron 95', regular: 'regular|ron 91' },
    },
    finalDrive: {
      labels: 'final drive',
      options: { chain: 'chain', shaft: 'shaft', belt: 'belt' },
    },
    chainPitch: {
      labels: 'chain pitch|chain size|chain',
      options: { 428: '428', 520: '520', 525: '525', 530: '530' },
    },
    forkType: {
      labels: 'fork|fork type|front fork|front suspension|suspension front|forks',
      options: {
        'upside-down': 'upside-down|upside down|inverted|usd',
        conventional: 'conventional|telescopic',
        other: 'another kind',
      },
    },
    forkAdjust: {
      labels: 'fork adjusters|fork adjustment|front adjustment|fork|front suspension|front fork',
      options: adjusters,
    },
    shockAdjust: {
      labels: 'shock adjusters|shock adjustment|rear adjustment|shock|rear suspension|rear shock',
      options: adjusters,
    },
    shockType: {
      labels: 'shock|shocks|rear shock|rear suspension',
      options: { single: 'single shock|single|monoshock', twin: 'two shocks|twin' },
    },
    linkage: {
      labels: 'rear linkage|linkage',
      options: { direct: 'no linkage|none|no', linkage: 'linkage|yes' },
    },
    shockRebuildable: { labels: 'shock can be rebuilt|rebuildable shock', options: yesNo },
    wheelType: {
      labels: 'rims|rim type|wheel type|wheels',
      options: {
        'spoked-tubeless': 'spoked, tubeless|tubeless spoked',
        'spoked-tubes': 'spoked, tubes|spoked|wire',
        cast: 'cast, tubeless|cast|alloy',
      },
    },
    tyreFront: { labels: 'tyre, front|front tyre|front tire|tire, front', options: {} },
    tyreRear: { labels: 'tyre, rear|rear tyre|rear tire|tire, rear', options: {} },
    brakeFront: {
      labels:
        'front brake|brake, front|front brakes|brakes|brakes \\(front / ?rear\\)|brakes front|brake front|brakes, front|brakes front/rear|brakes, front/rear',
      options: {
        'twin-disc': '(?:two|twin|dual|double|2) (?:front )?dis[ck]s?|2 ?x ?\\d+|two \\d+ ?mm',
        'single-disc': 'one disc|single (?:\\d+ ?mm )?(?:front )?dis[ck]|(?:front )?dis[ck]',
        drum: 'drum',
      },
    },
    abs: {
      labels: 'abs',
      options: {
        'both-off': 'both can be switched off|switchable',
        'rear-off': 'rear can be switched off',
        fixed: 'cannot be switched off|standard|yes',
        none: 'none|no',
      },
    },
    absStaysOff: { labels: 'abs stays off after the key', options: yesNo },
    tractionControl: {
      labels: 'traction control',
      options: {
        switchable: 'can be switched off|switchable',
        fixed: 'cannot be switched off|yes',
        none: 'none|no',
      },
    },
    ridingModes: { labels: 'riding modes|ride modes|modes', options: yesNo },
    cruiseControl: { labels: 'cruise control', options: yesNo },
    socket: {
      labels: 'power socket|socket',
      options: { usb: 'usb', 'twelve-volt': '12 v|12v', none: 'none|no' },
    },
    seatWidth: {
      labels: 'seat width',
      options: {
        light: 'narrow, soft',
        enduro: 'narrow, firm',
        middle: 'middling',
        wide: 'wide, firm',
      },
    },
    screen: {
      labels: 'screen|windscreen',
      options: { adjustable: 'adjustable', small: 'small', tall: 'tall', none: 'none|no' },
    },
    fairing: { labels: 'fairing', options: { half: 'half', full: 'full', none: 'none|no' } },
    sumpGuard: {
      labels: 'engine guard|bash plate|skid plate|sump guard',
      options: { alloy: 'alloy|aluminium|aluminum', plastic: 'plastic', none: 'none|no' },
    },
    handGuards: {
      labels: 'hand guards|handguards',
      options: { spine: 'with alloy spine', plastic: 'plastic', none: 'none|no' },
    },
    crashBars: {
      labels: 'crash bars|engine bars',
      options: { partial: 'partial', full: 'full', none: 'none|no' },
    },
    underEngine: {
      labels: 'under the engine',
      options: { 'no-rails': 'no frame rails', rails: 'frame rails' },
    },
    subframe: {
      labels: 'subframe',
      options: {
        bolted: 'bolted on|bolted|bolt-on',
        welded: 'welded on|welded',
        none: 'none to speak of|none',
      },
    },
    stockRack: {
      labels: 'stock rack|rack',
      options: { small: 'small', full: 'full', none: 'none|no' },
    },
    passenger: { labels: 'passenger permitted|passenger', options: yesNo },
    warrantyPasses: { labels: 'warranty passes on', options: yesNo },
    stillMade: { labels: 'still made|in production', options: yesNo },
    partsSupply: {
      labels: 'parts supply',
      options: { good: 'good', ordinary: 'ordinary', thin: 'thin', none: 'none' },
    },
    aftermarket: { labels: 'aftermarket', options: { deep: 'deep', some: 'some', thin: 'thin' } },
  };
})();
