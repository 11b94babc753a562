import type { CommandLabel } from '@/store/history';
import { FIGURE_WORDS, GROUND_WORDS, nameWords } from './words';

/** What a command did, for the undo button and its notice. */
export function commandWords(label: CommandLabel): string {
  const { code, facts } = label;
  const f = (key: string) => String(facts[key] ?? '');
  switch (code) {
    case 'edit-brief': return `brief: ${nameWords(f('field')).toLowerCase()}`;
    case 'edit-ground': return `ground: ${GROUND_WORDS[f('ground') as keyof typeof GROUND_WORDS]?.toLowerCase() ?? ''}`;
    case 'start-brief': return 'start a brief';
    case 'add-donor': return 'add a donor';
    case 'duplicate-donor': return `duplicate ${f('name')}`;
    case 'delete-donor': return `delete ${f('name')}`;
    case 'edit-donor': return `edit ${f('name') || 'the donor'}`;
    case 'edit-reading': return `${f('name')}: ${FIGURE_WORDS[f('figure') as keyof typeof FIGURE_WORDS]?.toLowerCase() ?? ''}`;
    case 'shortlist': return `put ${f('name')} on the shortlist`;
    case 'unlist': return `take ${f('name')} off the shortlist`;
    case 'choose-part': return `fit ${f('part')}`;
    case 'drop-part': return `take off ${f('part')}`;
    case 'open-example': return 'open the example';
    case 'import-file': return `open ${f('file')}`;
    case 'wipe': return 'clear everything';
    default: return code;
  }
}
