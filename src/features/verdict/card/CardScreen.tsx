'use client';
import { Box, Button, Flex, Text, Textarea } from '@chakra-ui/react';
import { ArrowLeft } from 'lucide-react';
import { Link } from '@/ui/Link';
import { useRouter, useSearchParams } from 'next/navigation';
import { Suspense } from 'react';
import { shortName } from '@/core/donor';
import type { Standing, StandingCandidate } from '@/store/queries';
import { usePreferences, useStanding } from '@/store/react';
import { Choice, Panel, PressRow } from '@/ui/fields';
import { MustRow } from '@/ui/marks/MustSign';
import { Plate } from '@/ui/marks/Plate';
import { formatNumber, mustLimitWords } from '@/ui/messages';
import { PhotoRoll } from '@/ui/stored/PhotoRoll';
import { ScreenHeading } from '@/ui/ScreenHeading';
import { FigureAnswer } from './FigureAnswer';
import { useLimits } from './use-limits';
import { useCard, type CardModel } from './use-card';
import { Sit, Walk } from './CardSit';

/** The card for the dealer's: a phone, cold hands, no network. What is ticked is written at once. */
export function CardScreen() {
  return (
    <Suspense>
      <Chosen />
    </Suspense>
  );
}

function Chosen() {
  const id = useSearchParams().get('candidate');
  const standing = useStanding();
  const entry =
    standing?.candidates.find((c) => c.candidate.id === id) ??
    standing?.candidates.find((c) => c.candidate.id === standing.builtRanking[0]?.id);
  if (!standing || !entry)
    return (
      <ScreenHeading title="Card">
        A card needs a brief and a candidate on the shortlist.{' '}
        <Link href="/donors" style={{ textDecoration: 'underline' }}>
          To the donors
        </Link>
      </ScreenHeading>
    );
  return <Card key={entry.candidate.id} standing={standing} entry={entry} />;
}

function Card({
  standing,
  entry,
}: {
  readonly standing: Standing;
  readonly entry: StandingCandidate;
}) {
  const [{ units }] = usePreferences();
  const router = useRouter();
  const model = useCard(entry, { units, currency: standing.brief.money.currency });
  return (
    <Box maxW="760px">
      <ScreenHeading title="Card">
        At the machine: what you tick is written down as you tick it, without a network, too.
      </ScreenHeading>
      <Flex gap="2" align="center" wrap="wrap" mb="3">
        <Button asChild size="sm" variant="ghost">
          <Link href="/verdict">
            <ArrowLeft size={16} /> Verdict
          </Link>
        </Button>
        <Choice
          aria-label="Candidate"
          wide="250px"
          value={entry.candidate.id}
          options={standing.candidates.map((c) => ({
            value: c.candidate.id,
            words: shortName(c.donor),
          }))}
          onChange={(e) =>
            router.replace(`/verdict/card?candidate=${encodeURIComponent(e.target.value)}`, {
              scroll: false,
            })
          }
        />
      </Flex>
      <Stands model={model} />
      <Flex direction="column" gap="4" mt="3">
        <Sit model={model} />
        <Questions model={model} />
        {model.used ? (
          <Walk model={model} />
        ) : (
          <Text color="fg.muted">
            A used one is walked around, too: enter it as “one for sale” under Donors, and its card
            has the walk and the papers.
          </Text>
        )}
        <PhotoRoll donorId={entry.candidate.donorId} name={model.name} large />
        <Note model={model} />
      </Flex>
    </Box>
  );
}

/** Where it stands with everything ticked so far. */
function Stands({ model: { entry, reader } }: { readonly model: CardModel }) {
  const { stock, stockScore, candidate } = entry;
  const outlay = stock.metrics.outlay.estimate;
  return (
    <Flex
      role="status"
      align="center"
      gap="3"
      wrap="wrap"
      bg="bg.panel"
      borderWidth="1px"
      borderLeftWidth="5px"
      borderColor="border.emphasized"
      borderRadius="plate"
      px="3"
      py="2"
      position="sticky"
      top="0"
      zIndex={2}
    >
      <Plate index={candidate.plate} size={30} />
      <Text fontWeight="800" fontSize="xl">
        {formatNumber(stockScore.points.mid, 1)}
      </Text>
      <Text fontSize="sm" color="fg.muted">
        {formatNumber(stockScore.points.low)} to {formatNumber(stockScore.points.high)},{' '}
        {outlay.kind === 'known'
          ? `${formatNumber(outlay.interval.mid)} ${reader.currency} in all`
          : 'outlay not known'}
      </Text>
      <Box>
        <MustRow musts={stock.musts} reader={reader} />
      </Box>
    </Flex>
  );
}

function Questions({ model }: { readonly model: CardModel }) {
  const limits = useLimits(model.entry);
  return (
    <Panel title="Ask and measure, what matters most first">
      {model.questions.map((q) => (
        <Box
          key={q.key}
          py="3"
          borderTopWidth="1px"
          borderColor="border.muted"
          _first={{ borderTopWidth: 0 }}
        >
          <Text fontWeight="700" fontSize="md">
            {q.words.name}
          </Text>
          <Text fontSize="sm" color="fg.muted" mb="2">
            {q.words.thought}
            {q.words.why ? `; ${q.words.why}` : ''}. {q.kind === 'figure' ? q.words.how : ''}
          </Text>
          {limits
            .filter((limit) => limit.figure === q.key)
            .flatMap((limit) => mustLimitWords(limit, limit.wanted, model.reader) ?? [])
            .map((words) => (
              <Text key={words} mb="2" fontWeight="600">
                {words.charAt(0).toUpperCase()}
                {words.slice(1)}
              </Text>
            ))}
          {q.kind === 'fact' ? (
            <PressRow
              large
              label={q.words.name}
              value={q.option}
              onPress={(option) =>
                model.answerFact(q.key as Parameters<CardModel['answerFact']>[0], option)
              }
              options={q.words.options}
            />
          ) : (
            <FigureAnswer question={q} model={model} />
          )}
        </Box>
      ))}
    </Panel>
  );
}

function Note({ model: { note, setNote } }: { readonly model: CardModel }) {
  return (
    <Panel title="Anything else">
      <Textarea
        aria-label="Note"
        rows={3}
        maxLength={2000}
        fontSize="md"
        bg="bg.panel"
        borderColor="border.emphasized"
        value={note}
        onChange={(e) => setNote(e.target.value)}
        placeholder="Stalls, buzz, smells, the price they would take."
      />
    </Panel>
  );
}
