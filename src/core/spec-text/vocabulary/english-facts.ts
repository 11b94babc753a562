import type { FactKey } from '../../facts';

/** Phrases that state a fact by themselves. */
export const FACT_PHRASES: readonly (readonly [FactKey, string, RegExp])[] = [
  ['cooling', 'liquid', /\b(?:liquid|water)[- ]cool(?:ed|ing)\b/i],
  [
    'cooling',
    'air-oil',
    /\bair[-/ ](?:and |& )?oil(?:[- ]cool(?:ed|ing)\b|(?=\s*(?:$|[,;])))|\boil[- ]cooled\b/im,
  ],
  ['cooling', 'air', /\bair[- ]cool(?:ed|ing)\b/i],
  [
    'layout',
    'single',
    /\bsingle[- ]cylinder\b|\bthumper\b|\b(?:liquid|water|air|oil)[- ]?cooled (?:\d+ ?cc )?(?:dohc |sohc |4-stroke |four-stroke )?single\b|\b\d{2,3} ?cc single\b|(?<=\b[1-9]\d0 )single\b(?! ?(?:dis[ck]|seat|shock|owner))|\bthe (?:little |big |small )?single\b(?! ?(?:dis[ck]|seat|shock|owner|most|biggest|best|track|exhaust|headlight|key))|\b(?:it's|it is|is|it was|was) an? (?:little |big |small |simple )?single\b(?! ?(?:dis[ck]|seat|shock|owner|track|exhaust|headlight|key|sided))|\ba (?:little |big |small )?single (?:with|that|making|of|pot|,)|\bsingle\b(?=\s*[.,;)]|\s*$)|\b(?:dohc|sohc) single\b/i,
  ],
  [
    'forkAdjust',
    'full',
    /\bfully[- ]adjustable (?:usd |front |inverted )?(?:forks?|suspension)\b|\bforks?(?:,| (?:is|are|that's)) fully[- ]adjustable\b|\bfully[- ]adjustable (?:at )?(?:both ends|front and (?:rear|back))\b/i,
  ],
  [
    'shockAdjust',
    'full',
    /\bfully[- ]adjustable (?:rear )?(?:shock|monoshock|suspension)\b|\bshock is fully adjustable\b|\bfully[- ]adjustable (?:at )?(?:both ends|front and (?:rear|back))\b/i,
  ],
  [
    'shockAdjust',
    'preload',
    /\bpreload[- ]adjust\w+ (?:rear )?(?:mono)?shock\b|\bpreload (?:only )?on the shock\b/i,
  ],
  [
    'shockAdjust',
    'preload-rebound',
    /\bshock\b[^.;]{0,24}\bpreload (?:\+|and|&) rebound\b|\bpreload (?:\+|and|&) rebound\b[^.;]{0,24}\bshock\b/i,
  ],
  ['forkType', 'upside-down', /\b\d{2} ?mm usd\b(?! ?\d)/i],
  ['layout', 'parallel-twin', /\bparallel[- ]twin\b|\binline[- ]twin\b|\bp-twin\b/i],
  ['layout', 'v-twin', /\bv[- ]twin\b/i],
  ['layout', 'boxer-twin', /\bboxer\b|\bflat[- ]twin\b/i],
  [
    'layout',
    'triple',
    /\b(?:in-?line[- ])?triple\b|\bthree[- ]cylinder\b|\bin-?line[- ](?:three|3)\b/i,
  ],
  ['layout', 'four', /\binline[- ]four\b|\bfour[- ]cylinder\b/i],
  [
    'fuelling',
    'injection',
    /\b(?:electronic )?fuel[- ]inject(?:ion|ed)\b|\befi\b|\b(?:it'?s|is) injected\b/i,
  ],
  ['fuelling', 'carburettor', /\bcarb(?:uret(?:t)?or|uret(?:t)?ed|y|ed|s)?\b/i],
  [
    'starter',
    'both',
    /\bkick[- ]?start(?:er)? (?:\w+ )?as (?:a )?back-?up\b|\bkick[- ]?start(?:er)? back-?up\b|\belectric (?:start(?:er)? )?(?:and|&|\+|plus) (?:a )?kick|\bkick[- ]?start(?:er)? (?:as well as|and|plus|&) (?:the |an? )?(?:button|electric)/i,
  ],
  ['starter', 'electric', /\belectric start(?:er)?\b/i],
  ['starter', 'kick', /\bkick[- ]?start(?:er)?(?: only)?\b|\bkick only\b/i],
  ['fuelGrade', 'premium', /\bpremium (?:fuel|unleaded|petrol)\b|\bron ?98\b/i],
  ['fuelGrade', 'mid', /\b(?:premium (?:unleaded|fuel|petrol)[^.;]{0,14})?ron ?95\b|\b91 aki\b/i],
  ['fuelGrade', 'regular', /\bregular (?:fuel|unleaded|petrol)\b|\bron ?91\b/i],
  [
    'finalDrive',
    'shaft',
    /\bshaft[- ](?:final[- ])?driv(?:e|en)\b|(?:^|[,;.] ?)shaft(?=\s*[,;.]|$)/i,
  ],
  ['finalDrive', 'belt', /\bbelt[- ]driv(?:e|en)\b/i],
  [
    'finalDrive',
    'chain',
    /\b[ox]-?ring chain\b|\bfinal drive[^.;]{0,12}chain\b|\bchain[- ](?:final[- ])?driv(?:e|en)\b|\bfinal drive by chain\b|(?:^|[,;.] ?)chain(?=\s*[,;.]|$)/i,
  ],
  [
    'chainPitch',
    '428',
    /\b428\b(?=[^\d]{0,12}chain)|chain(?: and sprockets)?(?:'s)?(?: is)?(?: still)?(?: an?| the)?(?: original| stock| standard)?[^\d\p{L}]{0,24}\b428(?:\b|(?=x))/iu,
  ],
  [
    'chainPitch',
    '520',
    /\b520\b(?=[^\d]{0,12}chain)|chain(?: and sprockets)?(?:'s)?(?: is)?(?: still)?(?: an?| the)?(?: original| stock| standard)?[^\d\p{L}]{0,24}\b520(?:\b|(?=x))/iu,
  ],
  [
    'chainPitch',
    '525',
    /\b525\b(?=[^\d]{0,12}chain)|chain(?: and sprockets)?(?:'s)?(?: is)?(?: still)?(?: an?| the)?(?: original| stock| standard)?[^\d\p{L}]{0,24}\b525(?:\b|(?=x))/iu,
  ],
  [
    'chainPitch',
    '530',
    /\b530\b(?=[^\d]{0,12}chain)|chain(?: and sprockets)?(?:'s)?(?: is)?(?: still)?(?: an?| the)?(?: original| stock| standard)?[^\d\p{L}]{0,24}\b530(?:\b|(?=x))/iu,
  ],
  ['forkType', 'upside-down', /\b(?:upside[- ]down|inverted|usd) forks?\b/i],
  ['forkType', 'conventional', /\b(?:conventional|right[- ]side[- ]up|telescopic) forks?\b/i],
  [
    'linkage',
    'linkage',
    /\b(?:it )?(?:has|with|got|there'?s|there’s|there is) (?:a |the )?(?:rear )?linkage\b/i,
  ],
  ['linkage', 'direct', /\b(?:no linkage|linkless|without (?:a )?linkage)\b/i],
  [
    'linkage',
    'linkage',
    /\b(?:rising[- ]rate|with (?:a )?linkage|linkage shock|linkage[- ]type)\b/i,
  ],
  ['shockType', 'twin', /\b(?:twin|dual) shocks?\b/i],
  ['shockType', 'single', /\bmono[- ]?shock\b|\bsingle (?:rear )?shock\b/i],
  ['wheelType', 'cast', /\b(?:cast|alloy) wheels?\b|\bwheels?\b[^.;]{0,40}\bcast\b/i],
  [
    'wheelType',
    'spoked-tubeless',
    /\btubeless[^.;]{0,12} spoke[sd]?\b|\bspoked?[^.;]{0,14}\btubeless\b/i,
  ],
  [
    'wheelType',
    'spoked-tubes',
    /\b(?:wire|spoked?)[- ](?:wheels?|rims?)\b|\bspoked\b|\bspokes? (?:w\/|with) (?:inner )?tubes\b|\b(?:rims?|wheels?)(?: \d\d ?\/ ?\d\d)?(?: are| is)? tubed\b|\btubed (?:rims|wheels|spokes)\b|\b(?:wheels?|rims?)(?: are| is)? \d\d ?\/ ?\d\d,? (?:with )?(?:inner )?tubes\b/i,
  ],
  [
    'brakeFront',
    'twin-disc',
    /\bfront(?: brakes?)?:? (?:2|two|twin|dual|double) ?(?:[x×] ?)?\d{3} ?(?:mm )?(?:brake )?dis[ck]s?|\bfront brakes? (?:2|two|twin) ?[x×] ?\d{3}|\b(?:twin|dual|double|two) \d{3} ?mm (?:front )?(?:brake )?dis[ck]s?\b|\b(?:twin|dual|double) (?:(?:two|three|\d)[\w -]{0,16} )?(?:front )?discs?\b/i,
  ],
  [
    'brakeFront',
    'single-disc',
    /\bsingle,? (?: *\d{3} ?(?:mm |mil )?)?(?:front )?dis[ck]\b|\b(?<!twin |dual |double |two )dis[ck] (?:on|at|up) (?:the )?front\b/i,
  ],
  [
    'abs',
    'both-off',
    /\babs (?:can be |may be )?(?:fully |completely )?(?:switched off|disabled|switchable)(?: front and rear| at both ends)\b/i,
  ],
  [
    'abs',
    'rear-off',
    /\b(?:switchable rear abs|(?:switchable abs|abs switchable) (?:at the |on the )?(?:rear|back)|rear abs (?:can be )?(?:switched |turned )?(?:off|disabled|disengaged|deactivated))\b/i,
  ],
  [
    'abs',
    'rear-off',
    /\babs[^.;]{0,24}(?:switch(?:ed)? off|off|disabled?|switchable)[^.;]{0,12}(?:at the (?:rear|back)|rear (?:only|wheel))|\b(?:switch|turn) (?:off )?the rear abs(?: off)?\b|\babs[^.;]{0,24}(?:switch|turn) (?:off )?(?:the )?(?:rear|back)(?: one)?(?: off)?\b/i,
  ],
  ['abs', 'fixed', /\b(?:non[- ]?switchable|not switchable|permanent|always[- ]on) abs\b/i],
  [
    'abs',
    'both-off',
    /(?<!non[- ]?|not )\b(?:switchable|disengageable|defeatable|cancellable) abs\b|\babs can be (?:switched|turned) off (?:completely|entirely|front and rear|at both (?:ends|wheels))\b|\babs[^.;]{0,40}(?<!non[- ]?|not )\bswitchable\b/i,
  ],
  ['socket', 'usb', /\busb(?:-c)? (?:socket|charger|port|charging|outlet)s?\b/i],
  ['socket', 'twelve-volt', /\b12 ?v(?:olt)? (?:socket|outlet|accessory socket)\b/i],
  ['screen', 'none', /\bno (?:wind)?(?:screen|shield)\b(?: at all)?/i],
  [
    'screen',
    'adjustable',
    /\badjustable (?:wind)?(?:screen|shield)\b|\b(?:wind)?(?:screen|shield)(?:['’]s| is) (?:\w+ )?adjustable\b/i,
  ],
  ['wheelType', 'cast', /\b(?:inch|rims?|wheels?|rear|1[7-9])\b[^.;]{0,20}\bcast\b/i],
  ['abs', 'none', /\b(?:no|without) abs\b(?! (?:switch|button|off)\b)/i],
  [
    'abs',
    'fixed',
    /\bno abs (?:switch|button|off)\b|\babs[^.;]{0,24}(?:on all the time|always on|(?:can['’]?t|cannot) be (?:switched|turned) off)\b/i,
  ],
  ['ridingModes', 'no', /\b(?:no|without|there'?s no) (?:riding |ride )?modes\b/i],
  ['absStaysOff', 'yes', /\babs stays off\b/i],
  ['absStaysOff', 'no', /\babs (?:comes|turns|switches) (?:back )?on\b/i],
  ['tractionControl', 'none', /\b(?:no|without) traction control\b/i],
  [
    'tractionControl',
    'switchable',
    /\b(?:switchable|disengageable) traction control\b|\btraction control[^.;]{0,30}\bswitchable\b/i,
  ],
  ['cruiseControl', 'no', /\b(?:no|without) cruise control\b/i],
  ['cruiseControl', 'yes', /\bcruise control\b/i],
  ['ridingModes', 'yes', /\b(?:riding|ride|engine) modes\b/i],
  ['handGuards', 'spine', /\bhand ?guards? with (?:an )?alloy (?:spine|bar)\b/i],
  ['handGuards', 'none', /\bno hand ?guards?\b/i],
  ['handGuards', 'plastic', /\bplastic hand ?guards?\b/i],
  [
    'sumpGuard',
    'alloy',
    /\b(?:alloy|aluminium|aluminum) (?:skid|bash|sump)[- ]?(?:plate|guard)\b/i,
  ],
  ['sumpGuard', 'plastic', /\bplastic (?:skid|bash|sump)[- ]?(?:plate|guard)\b/i],
  ['sumpGuard', 'none', /\bno (?:skid|bash|sump)[- ]?(?:plate|guard)\b/i],
  [
    'subframe',
    'bolted',
    /\bbolt(?:ed)?[- ]on subframe\b|\bsubframe(?:'s| is)? bolt(?:ed|s)(?: on)?\b/i,
  ],
  ['rimLocks', 'no', /\b(?:no|without) rim[- ]?locks?\b/i],
  ['rimLocks', 'yes', /\b(?:has|with|comes with|fitted with|two) (?:a )?rim[- ]?locks?\b/i],
  ['subframe', 'welded', /\bwelded(?: on)? subframe\b|\bsubframe(?:'s| is)? welded\b/i],
  ['underEngine', 'no-rails', /\bno frame rails\b/i],
  ['passenger', 'no', /(?<!\bso )\b(?:no (?:pillion|passenger)|solo seat)\b/i],
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
        'front brake|brakes / front|brakes, front end|brake, front|front brakes|brakes|brakes \\(front / ?rear\\)|brakes front|brake front|brakes, front|brakes front/rear|brakes, front/rear',
      options: {
        'twin-disc':
          '(?:front:? )?(?:two|twin|dual|double|2) (?:\\d{3} ?(?:mm )?)?(?:front )?dis[ck]s?|2 ?x ?\\d+|two \\d+ ?mm',
        'single-disc': 'one disc|single (?:\\d+ ?mm )?(?:front )?dis[ck]|(?:front )?dis[ck]',
        drum: 'drum',
      },
    },
    rimLocks: { labels: 'rim locks|rim lock|rimlocks|rimlock', options: yesNo },
    abs: {
      labels: 'abs',
      options: {
        'both-off': 'both can be switched off|switchable',
        'rear-off':
          'rear can be switched off|switchable.{0,30}rear off|switchable.{0,30}rear only|rear off|off at the rear|rear wheel off|rear only|rear wheel only|switchable at the rear',
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
