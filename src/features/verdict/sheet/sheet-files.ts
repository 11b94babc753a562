import { METRIC_DEFINITIONS } from '@/core/assessment';
import { BUILD_STAGES } from '@/core/build';
import { INSPECTION_POINTS, PAPER_POINTS } from '@/core/inspection';
import type { Sheet, VerdictRecord } from '@/store/records';
import {
  askWords,
  enoughWords,
  partsCounted,
  briefLine,
  estimateText,
  firmnessWords,
  formatNumber,
  placeWords,
  formatWithUnit,
  METRIC_WORDS,
  pointWords,
  STAGE_WORDS,
  verdictLine,
  VERDICT_SIGNS,
  type Reader,
} from '@/ui/messages';

export const SHEET_FORMAT = 'jugator-sheet';
export const SHEET_VERSION = 1;

/** A sheet as a file: what stood that day in base units, and the verdict where there is one; two-space indented JSON. */
export function sheetFile(sheet: Sheet, verdict: VerdictRecord | undefined): string {
  const decided = verdict && {
    outcome: verdict.outcome,
    at: verdict.at,
    reasons: verdict.reasons,
    overturn: verdict.overturn,
    ownMoney: verdict.ownMoney,
    runnerUpId: verdict.runnerUpId,
  };
  return `${JSON.stringify({ format: SHEET_FORMAT, version: SHEET_VERSION, ...(decided ? { verdict: decided } : {}), sheet }, undefined, 2)}\n`;
}

/** What Markdown would read as markup, taken literally. */
const plain = (text: string): string =>
  text.replace(/[\\`*_[\]<>#|~]/g, '\\$&').replace(/\s*\n\s*/g, ' ');
const row = (cells: readonly (string | number)[]): string =>
  `| ${cells.map((c) => plain(String(c))).join(' | ')} |`;
const table = (
  head: readonly string[],
  rows: readonly (readonly (string | number)[])[],
): readonly string[] =>
  rows.length === 0
    ? []
    : [row(head), `|${head.map(() => ' --- ').join('|')}|`, ...rows.map(row), ''];

/** The sheet as Markdown, in the rider's units. */
export function sheetMarkdown(
  sheet: Sheet,
  verdict: VerdictRecord | undefined,
  reader: Reader,
): string {
  const { machine, points, brief, outlay } = sheet;
  const money = (x: number | undefined) => (x === undefined ? 'not known' : formatNumber(x));
  const firm = firmnessWords(sheet);
  const lines = [
    `# ${plain(machine.name)}`,
    '',
    `${sheet.on}. Fit ${formatNumber(points.mid, 1)} of 100 (${formatNumber(points.low)} to ${formatNumber(points.high)}), ${placeWords(sheet.place, sheet.field.length, sheet.musts)}, ${sheet.view === 'built' ? `with ${sheet.parts.length} parts` : 'as it stands'}. Spent in all: ${plain(estimateText(outlay, 'money', reader))}.`,
    '',
    plain(briefLine(brief, reader)),
    '',
    ...(verdict
      ? [
          '## Verdict',
          '',
          `**${plain(verdictLine(verdict))}**`,
          '',
          ...verdict.reasons.split('\n').map(plain),
          ...(verdict.overturn ? ['', `Would overturn it: ${plain(verdict.overturn)}`] : []),
          '',
        ]
      : []),
    '## How sure',
    '',
    `${firm.word}. ${plain(firm.sentence)}`,
    '',
    ...(sheet.doubt?.turns ?? []).map((t) => `- ${plain(t)}`),
    '',
    ...plannedLines(sheet),
    '## Musts',
    '',
    ...sheet.musts.map((m) => `- ${VERDICT_SIGNS[m.verdict].words}: ${plain(m.words)}`),
    '',
    '## Wants',
    '',
    ...table(
      ['Want', 'counts', 'figure', 'need', 'worth'],
      sheet.wants
        .filter((w) => w.weight > 0)
        .map((w) => [
          METRIC_WORDS[w.want].name,
          formatNumber(w.weight * 100, 1),
          `${estimateText(w.estimate, METRIC_DEFINITIONS[w.want].dimension, reader)}${w.typical ? ', typical of its class' : ''}`,
          formatWithUnit(w.need, METRIC_DEFINITIONS[w.want].dimension, reader),
          `${formatNumber(w.worth * 100)} %`,
        ]),
    ),
    ...(sheet.mends.length > 0
      ? [
          '## Put right first',
          '',
          ...table(
            ['What', `Cost, ${brief.money.currency}`],
            sheet.mends.map((m) => [m.what, money(m.cost)]),
          ),
        ]
      : []),
    ...(sheet.parts.length > 0
      ? [
          '## Parts, in order of fitting',
          '',
          ...table(
            ['When', 'Part', 'By whom', 'Order by', `Fitted, ${brief.money.currency}`],
            BUILD_STAGES.flatMap((s) =>
              sheet.parts
                .filter((p) => p.stage === s)
                .map((p) => [
                  STAGE_WORDS[s],
                  p.name,
                  p.workshop ? 'workshop' : 'at home',
                  p.orderBy ?? '',
                  money(p.cost),
                ]),
            ),
          ),
        ]
      : []),
    ...(sheet.cautions.length > 0
      ? [
          '## Cautions',
          '',
          ...sheet.cautions.map((c) => `- **${plain(c.what)}** ${plain(c.todo)}`),
          '',
        ]
      : []),
    '## To ask and to measure',
    '',
    '- [ ] Your feet, in your boots: flat, balls, tiptoes, one or none',
    ...sheet.open.map((o) => {
      const w = askWords(o, reader);
      return `- [ ] ${plain(`${w.name} (${w.thought}${w.why ? `; ${w.why}` : ''}). ${w.how}`)}`;
    }),
    '',
    ...(machine.listing
      ? [
          '## A walk around it',
          '',
          ...[...INSPECTION_POINTS.map((p) => p.key), ...PAPER_POINTS].map(
            (k) => `- [ ] ${plain(`${pointWords(k).name}: ${pointWords(k).good}`)}`,
          ),
          '',
        ]
      : []),
    'The maker’s manual, the papers, local rules and a qualified workshop decide.',
  ];
  return `${lines.join('\n').replace(/\n{3,}/g, '\n\n')}\n`;
}

/** The best build for the money and what is enough, where it was planned. */
function plannedLines({ curve, machine, brief }: Sheet): readonly string[] {
  const own = curve.find((c) => c.candidateId === machine.candidateId);
  if (!own?.best) return [];
  const { best, enough } = own;
  return [
    '## Best for the money',
    '',
    `${partsCounted(best.partIds)}, fit ${formatNumber(best.points, 1)} for ${formatNumber(best.cost)} ${brief.money.currency} in all.`,
    ...[enoughWords({ build: best, enough }, brief.money, partsCounted) ?? []].flat(),
    '',
  ];
}
