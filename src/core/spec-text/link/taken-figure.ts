import type { FigureKey } from '../../readings';
import type { Assigned } from './assign';
import type { Option } from './option';

export type TakenFigure = Assigned & { readonly option: Option & { readonly key: FigureKey } };
