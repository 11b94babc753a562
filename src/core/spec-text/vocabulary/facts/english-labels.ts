import type { FactKey } from '../../../facts';

/** "Label: words" lines: the label of a fact, and which words mean which option. Words are matched whole, longest first. */
export const FACT_LABELS: Readonly<
  Record<FactKey, { readonly labels: string; readonly options: Readonly<Record<string, string>> }>
> = (() => {
  const yesNo = { yes: 'yes|true', no: 'no|false|none|not fitted' };
  const adjusters = {
    full: 'preload, compression,? (?:and |& )?rebound|preload, rebound,? (?:and |& )?compression|compression(?:,| and| &)? rebound(?:,| and| &)+ (?:spring )?preload|rebound(?:,| and| &)? compression(?:,| and| &)+ (?:spring )?preload|fully[- ]adjustable|full',
    'preload-rebound':
      'preload (?:and|&|\\+) rebound|preload, rebound|rebound(?: damping)? (?:and|&|\\+) (?:spring )?preload|rebound, (?:spring )?preload',
    preload: 'preload only|preload(?![^.;]{0,40}(?:rebound|compression|damping))',
    none: 'no adjusters|not adjustable|non[- ]adjustable|none',
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
      options: {
        premium: 'premium|ron 98|98 ron',
        mid: 'ron 95|95 ron',
        regular: 'regular|ron 91|91 ron',
      },
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
    tyreFront: {
      labels:
        'tyre, front|tire, front|tyre front|tire front|tyres front|tires front|tyre f|tire f|front tyre|front tire|front tyre size|front tire size|tyre size front|tire size front',
      options: {},
    },
    tyreRear: {
      labels:
        'tyre, rear|tire, rear|tyre rear|tire rear|tyres rear|tires rear|tyre r|tire r|rear tyre|rear tire|rear tyre size|rear tire size|tyre size rear|tire size rear',
      options: {},
    },
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
        'both-off': 'both can be switched off|(?<!rear (?:wheel )?)switchable',
        'rear-off':
          'rear (?:wheel )?(?:can be |may be )?(?:switched off|switchable|disengageable|defeatable|deactivatable|off)|switchable.{0,30}rear off|switchable.{0,30}rear only|rear off|off at the rear|rear wheel off|rear only|rear wheel only|switchable at the rear',
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
        none: 'none|no|not fitted',
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
