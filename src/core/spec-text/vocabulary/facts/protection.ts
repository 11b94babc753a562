import type { Vocabulary } from '../vocabulary';

/** What a sheet calls screen, engine guard and hand guards, and what they are of. */
interface Words {
  readonly screen: string;
  readonly sumpGuard: string;
  readonly handGuards: string;
  readonly adjustable: string;
  readonly tall: string;
  readonly small: string;
  readonly alloy: string;
  readonly plastic: string;
  readonly none: string;
}

/** Labels of what protects rider and machine with their answers: "Motorschutz: Kunststoff", "Bulle : réglable". Common usage of sheets, no source. */
const protecting = (w: Words): Vocabulary['factLabels'] => ({
  screen: {
    labels: w.screen,
    options: { adjustable: w.adjustable, tall: w.tall, small: w.small, none: w.none },
  },
  sumpGuard: {
    labels: w.sumpGuard,
    options: { alloy: w.alloy, plastic: w.plastic, none: w.none },
  },
  handGuards: { labels: w.handGuards, options: { plastic: w.plastic, none: w.none } },
});

export const GERMAN_PROTECTION = protecting({
  screen: 'windschild|windschutzscheibe|windschutz|verkleidungsscheibe',
  sumpGuard: 'motorschutz|motorschutzplatte|unterfahrschutz',
  handGuards: 'handprotektoren|handschützer',
  adjustable: '(?:höhen)?verstellbar\\p{L}*|einstellbar\\p{L}*',
  tall: 'hoch|hohe[sr]?',
  small: 'klein\\p{L}*|kurz\\p{L}*',
  alloy: 'alu\\p{L}*',
  plastic: 'kunststoff|plastik',
  none: 'kein\\p{L}*|nein|ohne|nicht vorhanden',
});

export const FRENCH_PROTECTION = protecting({
  screen: 'bulle|pare-brise|saute-vent',
  sumpGuard: 'sabot moteur|sabot|protège-moteur|protection moteur',
  handGuards: 'protège-mains',
  adjustable: 'réglable|ajustable',
  tall: 'haute|grande',
  small: 'basse|courte|petite',
  alloy: 'alu\\p{L}*',
  plastic: 'plastique',
  none: 'aucune?|sans|non',
});

export const ITALIAN_PROTECTION = protecting({
  screen: 'parabrezza|cupolino',
  sumpGuard: 'paramotore|piastra paramotore',
  handGuards: 'paramani',
  adjustable: 'regolabile',
  tall: 'alto',
  small: 'basso|piccolo',
  alloy: 'alluminio',
  plastic: 'plastica',
  none: 'no|assent[ei]|senza|non present[ei]',
});

export const SPANISH_PROTECTION = protecting({
  screen: 'pantalla|parabrisas|cúpula',
  sumpGuard: 'cubrecárter|protector de cárter',
  handGuards: 'cubremanos|paramanos',
  adjustable: 'regulable|ajustable',
  tall: 'alta',
  small: 'baja|pequeña',
  alloy: 'aluminio',
  plastic: 'plástico',
  none: 'no|sin|ningun[oa]',
});
