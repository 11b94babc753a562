import type { Brief, BriefOrigin, BriefOrigins } from './brief';
import { BRIEF_FIGURES, type BriefFigure } from './brief-limits';

/** The figure at its dotted name; absent: not given. */
export const briefFigure = (brief: Brief, figure: BriefFigure): number | undefined => {
  const [section, field] = figure.split('.') as [keyof Brief, string];
  return (brief[section] as Readonly<Record<string, number | undefined>>)[field];
};

/** Marks every figure that a brief holds as assumed. */
export const assumedOrigins = (brief: Brief): BriefOrigins =>
  Object.fromEntries(
    BRIEF_FIGURES.filter((f) => briefFigure(brief, f) !== undefined).map(
      (f): [BriefFigure, BriefOrigin] => [f, { kind: 'assumed' }],
    ),
  );

/** How the brief came to a figure: typed by the rider where nothing else is noted. */
export const briefOrigin = (brief: Brief, figure: BriefFigure): BriefOrigin | { kind: 'typed' } =>
  brief.origins?.[figure] ?? { kind: 'typed' };

/** Whether the rider has typed nothing yet: all that a new brief holds is still assumed. */
export const isUntouched = (brief: Brief): boolean =>
  BRIEF_FIGURES.every(
    (f) => briefFigure(brief, f) === undefined || briefOrigin(brief, f).kind === 'assumed',
  );
