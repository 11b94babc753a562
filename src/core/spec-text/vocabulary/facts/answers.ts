import type { Vocabulary } from '../vocabulary';

/** What a sheet calls its aids, and how it answers for each. */
interface Words {
  readonly abs: string;
  readonly traction: string;
  readonly cruise: string;
  readonly modes: string;
  readonly yes: string;
  readonly no: string;
  readonly off: string;
  readonly rearOff: string;
  readonly stays: string;
}

/** Labels of ABS, traction control, cruise control and modes with their answers: "ABS: nein", "Controllo di trazione: no". Common usage of sheets, no source. */
const answered = (w: Words): Vocabulary['factLabels'] => ({
  abs: {
    labels: w.abs,
    options: { 'rear-off': w.rearOff, 'both-off': w.off, fixed: `${w.stays}|${w.yes}`, none: w.no },
  },
  tractionControl: {
    labels: w.traction,
    options: { switchable: w.off, fixed: `${w.stays}|${w.yes}`, none: w.no },
  },
  cruiseControl: { labels: w.cruise, options: { yes: w.yes, no: w.no } },
  ridingModes: { labels: w.modes, options: { yes: `${w.yes}|[2-9]`, no: w.no } },
});

export const GERMAN_ANSWERS = answered({
  abs: 'abs|antiblockiersystem',
  traction: 'traktionskontrolle|schlupfregelung',
  cruise: 'tempomat|geschwindigkeitsregelanlage',
  modes: 'fahrmodi|fahrmodus|fahrprogramme',
  yes: 'ja|serie|serienmäßig|vorhanden',
  no: 'nein|kein|keine|keiner|keines|keins|ohne|nicht vorhanden|nicht verfügbar',
  off: 'abschaltbar|deaktivierbar|abstellbar',
  rearOff:
    '(?:hinten|am hinterrad|hinterrad) (?:\\p{L}+ )?(?:abschaltbar|deaktivierbar)|(?:abschaltbar|deaktivierbar),? (?:nur )?(?:hinten|am hinterrad)',
  stays: 'nicht abschaltbar|nicht deaktivierbar',
});

export const FRENCH_ANSWERS = answered({
  abs: 'abs|freinage abs|système abs',
  traction: 'contrôle de traction|antipatinage|anti-patinage',
  cruise: 'régulateur de vitesse|régulateur',
  modes: 'modes de conduite|modes|modes moteur|cartographies',
  yes: 'oui|de série|en série',
  no: 'non|aucun|aucune|sans|pas de|non disponible',
  off: 'déconnectable|désactivable',
  rearOff:
    "(?:déconnectable|désactivable),? (?:seulement )?(?:à l['’]arrière|sur la roue arrière|arrière)|arrière (?:déconnectable|désactivable)",
  stays: 'non déconnectable|non désactivable',
});

export const SPANISH_ANSWERS = answered({
  abs: 'abs',
  traction: 'control de tracción|control de traccion',
  cruise: 'control de crucero|velocidad de crucero',
  modes: 'modos de conducción|modos de conduccion|modos|mapas de motor',
  yes: 'sí|si|de serie',
  no: 'no|ninguno|ninguna|sin|no disponible',
  off: 'desconectable|desactivable',
  rearOff:
    '(?:desconectable|desactivable),? (?:solo )?(?:detrás|atrás|en la rueda trasera|trasero)|trasero (?:desconectable|desactivable)',
  stays: 'no desconectable|no desactivable',
});

export const ITALIAN_ANSWERS = answered({
  abs: 'abs',
  traction: 'controllo di trazione|controllo trazione',
  cruise: 'cruise control|controllo di crociera',
  modes: 'modalità di guida|mappe motore|riding mode|mappe|mappature',
  yes: 'sì|si|di serie',
  no: 'no|nessuno|nessuna|senza|assente|non presente|non disponibile',
  off: 'disinseribile|disattivabile|escludibile',
  rearOff:
    '(?:disinseribile|disattivabile|escludibile),? (?:solo )?(?:al posteriore|dietro|sulla ruota posteriore|posteriore)|posteriore (?:disinseribile|disattivabile|escludibile)',
  stays: 'non disinseribile|non disattivabile|non escludibile',
});

export const OTHERS_ANSWERS = answered({
  abs: 'abs|abs-system',
  traction:
    'tractiecontrole|controlo de tração|controle de tração|kontrola trakcji|antispinn|antispinnsystem',
  cruise:
    'cruisecontrol|controlo de cruzeiro|piloto automático|farthållare|cruisekontroll|fartpilot',
  modes: 'rijmodi|rijmodus|modos de condução|tryby jazdy|körlägen|kjøremoduser|køretilstande',
  yes: 'ja|standaard|sim|de série|tak|standard',
  no: 'nee|geen|zonder|não|sem|nenhum|nie|brak|bez|nej|nei|ingen|saknas|utan',
  off: 'uitschakelbaar|desligável|desativável|odłączany|wyłączany|avstängningsbar|urkopplingsbar|frånkopplingsbar|kan slås av|kan slås fra',
  rearOff:
    'achter uitschakelbaar|uitschakelbaar achter|desligável atrás|desligável na traseira|odłączany tylny|avstängningsbar bak',
  stays: 'niet uitschakelbaar|não desligável|nieodłączany|ej avstängningsbar',
});
