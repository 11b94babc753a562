'use client';
import { Box, Text } from '@chakra-ui/react';
import { METRIC_DEFINITIONS } from '@/core/assessment';
import {
  lookingBack,
  standing as standingOf,
  type LookingBack as Comparison,
  type Standing,
  type StandingCandidate,
} from '@/store/queries';
import { BRIEF_KEY, type VerdictRecord } from '@/store/records';
import { useDossierState } from '@/store/react';
import { PlainTable } from '@/ui/fields';
import {
  estimateText,
  formatNumber,
  formatWithUnit,
  GROUND_WORDS,
  METRIC_WORDS,
  MUST_SHORT,
  VERDICT_SIGNS,
  type Reader,
  inSentence,
} from '@/ui/messages';
import { useSheet } from './use-sheet';

interface LookingBackProps {
  readonly verdict: VerdictRecord;
  readonly reader: Reader;
}

/** A settled verdict beside today: what moved, and whether the choice would be the same. */
export function LookingBack({ verdict, reader }: LookingBackProps) {
  const dossier = useDossierState((s) => s.dossier);
  const { machine, purpose } = verdict.sheet;
  const purposeId = dossier.briefs[BRIEF_KEY]?.purposes?.find((p) => p.name === purpose)?.id;
  const now = standingOf(dossier, purposeId);
  const entry =
    now?.candidates.find((c) => c.candidate.id === machine.candidateId) ??
    now?.candidates.find((c) => c.candidate.donorId === machine.donorId);
  if (!now || !entry)
    return (
      <Text mt="3" color="unsure">
        {machine.name} is no longer on the shortlist, so there is nothing of today to compare. The
        sheet of that day still holds everything.
      </Text>
    );
  return <Compared verdict={verdict} standing={now} entry={entry} reader={reader} />;
}

function Compared({
  verdict,
  standing,
  entry,
  reader,
}: LookingBackProps & { readonly standing: Standing; readonly entry: StandingCandidate }) {
  const { sheet: today, doubt } = useSheet(standing, entry, verdict.sheet.view, reader, undefined);
  const back = lookingBack(verdict.sheet, today);
  const unit = (want: keyof typeof METRIC_WORDS) => METRIC_DEFINITIONS[want].dimension;
  const currency = verdict.sheet.brief.money.currency;
  /** That day's sums were in the currency of that day. */
  const thatDay: Reader = { ...reader, currency };
  return (
    <Box mt="3" borderTopWidth="1px" borderTopStyle="dashed" borderColor="border" pt="3">
      <Text fontWeight="700" role="status">
        {holds(back, verdict)}
      </Text>
      <PlainTable label="That day and today">
        <thead>
          <tr>
            <th></th>
            <th className="n">{verdict.sheet.on}</th>
            <th className="n">today</th>
            <th className="n">points</th>
          </tr>
        </thead>
        <tbody>
          <tr>
            <th scope="row">Fit</th>
            <td className="n">{formatNumber(back.points.then, 1)}</td>
            <td className="n">{formatNumber(back.points.now, 1)}</td>
            <td className="n">{signed(back.points.now - back.points.then)}</td>
          </tr>
          <tr>
            <th scope="row">Place</th>
            <td className="n">{back.place.then ?? 'out'}</td>
            <td className="n">{back.place.now ?? 'out'}</td>
            <td />
          </tr>
          <tr>
            <th scope="row">First in so many draws</th>
            <td className="n">
              {verdict.sheet.doubt
                ? `${formatNumber(verdict.sheet.doubt.first * 100)} %`
                : 'not drawn'}
            </td>
            <td className="n">
              {today.doubt
                ? `${formatNumber(today.doubt.first * 100)} %`
                : doubt.running
                  ? 'drawing …'
                  : 'not drawn'}
            </td>
            <td />
          </tr>
          <tr>
            <th scope="row">Spent in all</th>
            <td className="n">{estimateText(back.outlay.then, 'money', thatDay)}</td>
            <td className="n">{estimateText(back.outlay.now, 'money', reader)}</td>
            <td />
          </tr>
          {back.wants
            .filter((w) => w.want !== 'outlay')
            .map((w) => (
              <tr key={w.want}>
                <th scope="row" style={{ fontWeight: 400 }}>
                  {METRIC_WORDS[w.want].name}
                  {w.needThen === w.needNow
                    ? ''
                    : ` (need ${formatWithUnit(w.needThen, unit(w.want), thatDay)}, now ${formatWithUnit(w.needNow, unit(w.want), reader)})`}
                </th>
                <td className="n">{estimateText(w.then, unit(w.want), thatDay)}</td>
                <td className="n">{estimateText(w.now, unit(w.want), reader)}</td>
                <td className="n">{signed(w.points)}</td>
              </tr>
            ))}
        </tbody>
      </PlainTable>
      {changes(back, currency).map((words) => (
        <Text key={words} mt="1">
          {words}
        </Text>
      ))}
    </Box>
  );
}

const signed = (points: number): string =>
  Math.abs(points) < 0.05 ? '0' : `${points > 0 ? '+' : '−'}${formatNumber(Math.abs(points), 1)}`;

/** A fall of the first-place share that is worth a word. */
const LESS_SURE = 0.15;

/** Whether the same would be chosen today. */
function holds(
  { place, aheadNow, wants, points, first }: Comparison,
  { sheet: { machine } }: VerdictRecord,
): string {
  if (place.now === undefined) return `Today ${machine.name} breaks a must.`;
  if (aheadNow)
    return `Today ${aheadNow.name} is ahead, ${formatNumber(aheadNow.points.mid, 1)} against ${formatNumber(points.now, 1)}.`;
  if (first && first.now < first.then - LESS_SURE)
    return `Still in place ${place.now}, but far less sure: first in ${formatNumber(first.now * 100)} % of the draws, where it was ${formatNumber(first.then * 100)} %.`;
  if (wants.length === 0) return `Nothing has moved: ${machine.name} stands where it stood.`;
  return `Still in place ${place.now}: the choice would stand today.`;
}

const briefName = (path: string): string =>
  path === 'ground'
    ? 'the ground'
    : path in GROUND_WORDS
      ? GROUND_WORDS[path as keyof typeof GROUND_WORDS].toLowerCase()
      : inSentence(path);

/** What else changed, in sentences. */
function changes({ musts, parts, brief }: Comparison, currency: string): readonly string[] {
  return [
    ...musts.map(
      (m) =>
        `The must “${MUST_SHORT[m.key]}”: ${m.then ? VERDICT_SIGNS[m.then].words : 'not asked'} then, ${m.now ? VERDICT_SIGNS[m.now].words : 'not asked'} today.`,
    ),
    ...(parts.added.length > 0 ? [`Parts that came to the build: ${parts.added.join(', ')}.`] : []),
    ...(parts.gone.length > 0 ? [`Parts that left it: ${parts.gone.join(', ')}.`] : []),
    ...parts.dearer.map(
      (p) => `${p.name}: ${formatNumber(p.then)} ${currency} then, ${formatNumber(p.now)} today.`,
    ),
    ...(brief.length > 0
      ? [`The brief changed: ${[...new Set(brief.map(briefName))].join(', ')}.`]
      : []),
  ];
}
