import type { CommandLabel } from '@/store/history';
import { CLASS_WORDS } from './machine-words';
import { FIGURE_WORDS } from './figure-words';
import { GROUND_WORDS, MUST_WORDS } from './brief-words';
import { nameWords } from './name-words';
import { METRIC_WORDS } from './metric-words';

/** What a command did, for the undo button and its notice. */
export function commandWords(label: CommandLabel): string {
  const { code, facts } = label;
  const f = (key: string) => String(facts[key] ?? '');
  switch (code) {
    case 'edit-brief':
      return `brief: ${nameWords(f('field')).toLowerCase()}`;
    case 'take-as-kept':
      return `${f('name')}: ${MUST_WORDS[f('must') as keyof typeof MUST_WORDS]?.toLowerCase() ?? 'must'} on your word`;
    case 'edit-class-price':
      return `what ${CLASS_WORDS[f('donorClass') as keyof typeof CLASS_WORDS]} is sold for`;
    case 'edit-typical':
      return `what is typical: ${nameWords(f('figure')).toLowerCase()}`;
    case 'edit-ground':
      return `ground: ${GROUND_WORDS[f('ground') as keyof typeof GROUND_WORDS]?.toLowerCase() ?? ''}`;
    case 'start-brief':
      return 'start a brief';
    case 'add-donor':
      return 'add a donor';
    case 'duplicate-donor':
      return `duplicate ${f('name')}`;
    case 'delete-donor':
      return `delete ${f('name')}`;
    case 'edit-donor':
      return `edit ${f('name') || 'the donor'}`;
    case 'edit-reading':
      return `${f('name')}: ${FIGURE_WORDS[f('figure') as keyof typeof FIGURE_WORDS]?.toLowerCase() ?? ''}`;
    case 'shortlist':
      return `put ${f('name')} on the shortlist`;
    case 'unlist':
      return `take ${f('name')} off the shortlist`;
    case 'add-variant':
      return `add a variant of ${f('name')}`;
    case 'add-listing':
      return `add one for sale of ${f('name')}`;
    case 'archive':
      return `put away ${f('name')}`;
    case 'unarchive':
      return `bring back ${f('name')}`;
    case 'bulk-edit':
      return `${f('what')} on ${f('count')} donors`;
    case 'add-trial':
      return `a ride on ${f('name')}`;
    case 'edit-trial':
      return `trial of ${f('name')}`;
    case 'delete-trial':
      return `delete a trial of ${f('name')}`;
    case 'add-setup':
      return `a set-up sheet of ${f('name')}`;
    case 'edit-setup':
      return `set-up of ${f('name')}`;
    case 'delete-setup':
      return `delete the set-up sheet ${f('sheet')}`;
    case 'keep-springs':
      return `springs of ${f('name')} as measured`;
    case 'edit-gearing':
      return `what is asked of the gears of ${f('name')}`;
    case 'take-sprockets':
      return `sprockets ${f('pair')} in the build of ${f('name')}`;
    case 'watch-gear':
      return `speed and revs of ${f('name')}`;
    case 'edit-fact':
      return `${f('name')}: ${nameWords(f('fact')).toLowerCase()}`;
    case 'edit-weak-points':
      return `weak points of ${f('name')}`;
    case 'paste-donor':
      return `add ${f('name')} from a text`;
    case 'paste-readings':
      return `${f('count')} readings of ${f('name')} from a text`;
    case 'import-table':
      return `${f('count')} donors from ${f('file')}`;
    case 'import-parts':
      return `${f('count')} parts from ${f('file')}`;
    case 'add-part':
      return 'add a part';
    case 'edit-part':
      return `edit ${f('name') || 'the part'}`;
    case 'delete-part':
      return `delete ${f('name')}`;
    case 'restore-snapshot':
      return `restore ${f('name')}`;
    case 'choose-build':
      return `build for ${f('name')}`;
    case 'stage-part':
      return `when to fit ${f('part')}`;
    case 'stage-build':
      return `stages for ${f('name')}`;
    case 'wish-part':
      return f('wish') === 'pinned'
        ? `always plan ${f('part')}`
        : f('wish') === 'banned'
          ? `never plan ${f('part')}`
          : `plan ${f('part')} freely`;
    case 'choose-part':
      return `fit ${f('part')}`;
    case 'drop-part':
      return `take off ${f('part')}`;
    case 'open-example':
      return 'open the example';
    case 'import-file':
      return `open ${f('file')}`;
    case 'edit-notes':
      return `notes on ${f('name')}`;
    case 'edit-swing':
      return `what ${METRIC_WORDS[f('want') as keyof typeof METRIC_WORDS]?.short.toLowerCase() ?? ''} counts`;
    case 'edit-purposes':
      return `purposes${f('name') ? `: ${f('name')}` : ''}`;
    case 'edit-schools':
      return 'what you believe';
    case 'edit-sits':
      return 'your sits';
    case 'settle-verdict':
      return `settle a verdict on ${f('name')}`;
    case 'visit':
      return `seen on ${f('name')}: ${f('what')}`;
    case 'take-over':
      return `${f('count')} ${f('count') === '1' ? 'difference' : 'differences'} taken from ${f('file')}`;
    case 'seen-corrections':
      return 'corrections of shipped parts looked at';
    case 'bring-back':
      return 'bring back what another tab deleted';
    case 'wipe':
      return 'clear everything';
    default:
      return code;
  }
}
