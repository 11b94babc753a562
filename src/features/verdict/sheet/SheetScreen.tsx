'use client';
import { Box, Button, Flex, Text, Theme } from '@chakra-ui/react';
import { ArrowLeft, FileCode, FileText, Printer } from 'lucide-react';
import { Link } from '@/ui/Link';
import { useRouter, useSearchParams } from 'next/navigation';
import { Suspense } from 'react';
import { shortName } from '@/core/donor';
import type { Standing, StandingCandidate } from '@/store/queries';
import type { Sheet, VerdictRecord } from '@/store/records';
import { downloadFile } from '@/store/tables';
import { useDossierState, usePreferences, useStanding } from '@/store/react';
import { useCurves } from '@/store/running';
import { Choice } from '@/ui/fields';
import type { Reader } from '@/ui/messages';
import { ScreenHeading } from '@/ui/ScreenHeading';
import { useSheet } from '../use-sheet';
import { Paper } from './Paper';
import { sheetFile, sheetMarkdown } from './sheet-files';

/** One candidate on one or two pages, to print and take along: of today, or of the day of a verdict. */
export function SheetScreen() {
  return (
    <Suspense>
      <Chosen />
    </Suspense>
  );
}

type View = 'stock' | 'built';

function Chosen() {
  const query = useSearchParams();
  const verdicts = useDossierState((s) => s.dossier.verdicts);
  const standing = useStanding();
  const [{ units }] = usePreferences();
  const verdict = verdicts[query.get('verdict') ?? ''];
  if (verdict)
    return (
      <OfThatDay
        verdict={verdict}
        reader={{ units, currency: verdict.sheet.brief.money.currency }}
      />
    );
  const entry =
    standing?.candidates.find((c) => c.candidate.id === query.get('candidate')) ??
    standing?.candidates.find((c) => c.candidate.id === standing.builtRanking[0]?.id);
  if (!standing || !entry)
    return (
      <ScreenHeading title="Sheet">
        A sheet needs a brief and a candidate on the shortlist.{' '}
        <Link href="/donors" style={{ textDecoration: 'underline' }}>
          To the donors
        </Link>
      </ScreenHeading>
    );
  const wished = query.get('view');
  const view: View =
    entry.parts.length === 0
      ? 'stock'
      : wished === 'stock' || wished === 'built'
        ? wished
        : 'built';
  return (
    <OfToday
      standing={standing}
      entry={entry}
      view={view}
      reader={{ units, currency: standing.brief.money.currency }}
    />
  );
}

interface OfTodayProps {
  readonly standing: Standing;
  readonly entry: StandingCandidate;
  readonly view: View;
  readonly reader: Reader;
}

function OfToday({ standing, entry, view, reader }: OfTodayProps) {
  const router = useRouter();
  const { state, stop } = useCurves(standing);
  const { sheet, doubt } = useSheet(standing, entry, view, reader, state);
  const go = (id: string, as: View) =>
    router.replace(`/verdict/sheet?candidate=${encodeURIComponent(id)}&view=${as}`, {
      scroll: false,
    });
  const still = [
    ...(doubt.running ? ['the draws'] : []),
    ...(state.running
      ? [`the money curve (${state.whole.size} of ${standing.candidates.length} whole)`]
      : []),
  ];
  return (
    <Frame
      sheet={sheet}
      reader={reader}
      words="One candidate on paper: print it, take it along, haggle with it."
    >
      <Choice
        aria-label="Candidate"
        wide="250px"
        value={entry.candidate.id}
        options={standing.candidates.map((c) => ({
          value: c.candidate.id,
          words: shortName(c.donor),
        }))}
        onChange={(e) => go(e.target.value, view)}
      />
      {entry.parts.length > 0 && (
        <Choice
          aria-label="Which state"
          wide="180px"
          value={view}
          options={[
            { value: 'stock', words: 'as it stands' },
            { value: 'built', words: `with its ${entry.parts.length} parts` },
          ]}
          onChange={(e) => go(entry.candidate.id, e.target.value as View)}
        />
      )}
      <Text role="status" fontSize="sm" color="fg.muted">
        {still.length > 0 ? `Still growing: ${still.join(' and ')}.` : 'Complete.'}
      </Text>
      {state.running && (
        <Button size="xs" variant="outline" borderColor="border.emphasized" onClick={stop}>
          Stop planning
        </Button>
      )}
    </Frame>
  );
}

function OfThatDay({
  verdict,
  reader,
}: {
  readonly verdict: VerdictRecord;
  readonly reader: Reader;
}) {
  return (
    <Frame
      sheet={verdict.sheet}
      verdict={verdict}
      reader={reader}
      words={`As it was settled on ${verdict.sheet.on}; nothing on it has changed since.`}
    />
  );
}

interface FrameProps {
  readonly sheet: Sheet;
  readonly verdict?: VerdictRecord;
  readonly reader: Reader;
  readonly words: string;
  readonly children?: React.ReactNode;
}

/** Tools on the screen, the paper below; only the paper is printed. */
function Frame({ sheet, verdict, reader, words, children }: FrameProps) {
  const file = `${sheet.machine.name
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '')}-${sheet.on}`;
  return (
    <Box>
      <Box _print={{ display: 'none' }}>
        <ScreenHeading title="Sheet">{words}</ScreenHeading>
        <Flex gap="2" align="center" wrap="wrap" mb="4">
          <Button asChild size="sm" variant="ghost">
            <Link href="/verdict">
              <ArrowLeft size={16} /> Verdict
            </Link>
          </Button>
          {children}
          <Flex gap="2" ml="auto">
            <Button
              size="sm"
              variant="outline"
              borderColor="border.emphasized"
              onClick={() =>
                downloadFile(
                  new Blob([sheetMarkdown(sheet, verdict, reader)], { type: 'text/markdown' }),
                  `${file}.md`,
                )
              }
            >
              <FileText size={15} /> Markdown
            </Button>
            <Button
              size="sm"
              variant="outline"
              borderColor="border.emphasized"
              onClick={() =>
                downloadFile(
                  new Blob([sheetFile(sheet, verdict)], { type: 'application/json' }),
                  `${file}.json`,
                )
              }
            >
              <FileCode size={15} /> JSON
            </Button>
            <Button size="sm" bg="accent" color="accent.ink" onClick={() => window.print()}>
              <Printer size={16} /> Print
            </Button>
          </Flex>
        </Flex>
      </Box>
      <Theme appearance="light" hasBackground={false}>
        <Paper sheet={sheet} verdict={verdict} reader={reader} />
      </Theme>
    </Box>
  );
}
