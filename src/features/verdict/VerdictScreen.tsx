'use client';
import { Box, Button, Flex, Grid, Text, Textarea } from '@chakra-ui/react';
import { FileText, Gavel, Smartphone } from 'lucide-react';
import { Link } from '@/ui/Link';
import { nearestTurnings } from '@/core/doubt';
import { shortName } from '@/core/donor';
import { BRIEF_KEY, OUTCOMES, OWN_MONEY, REASONS_LIMIT } from '@/store/records';
import {
  nominalFor,
  partsOf,
  unpricedFor,
  withoutRate,
  type Standing,
  type StandingCandidate,
} from '@/store/queries';
import { useDossierState, useStanding } from '@/store/react';
import { useBestAnswer } from '@/store/running';
import { AnswerLine } from '@/ui/AnswerLine';
import { Choice, Panel, PressRow } from '@/ui/fields';
import { Plate } from '@/ui/marks/Plate';
import { bestAnswer, mustWords, OUTCOME_WORDS, OWN_MONEY_WORDS, turningWords } from '@/ui/messages';
import { ScreenHeading } from '@/ui/ScreenHeading';
import { RateNote, TakeAnswer } from '@/ui/stored';
import { PastVerdicts } from './PastVerdicts';
import { ThisDay } from './ThisDay';
import { useVerdict, type VerdictModel } from './use-verdict';

/** The decision: which machine, on which way, why, and what stood that day; and those made before. */
export function VerdictScreen() {
  const standing = useStanding();
  const first = standing?.candidates[0];
  if (!standing || !first)
    return (
      <ScreenHeading title="Verdict">
        A verdict needs a brief and a candidate on the shortlist.{' '}
        <Link href="/donors" style={{ textDecoration: 'underline' }}>
          To the donors
        </Link>
      </ScreenHeading>
    );
  return <Verdict standing={standing} first={first} />;
}

function Verdict({
  standing,
  first,
}: {
  readonly standing: Standing;
  readonly first: StandingCandidate;
}) {
  const model = useVerdict(standing, first);
  const answer = bestAnswer(useBestAnswer(standing), model.reader);
  const purpose = useDossierState(
    (s) => s.dossier.briefs[BRIEF_KEY]?.purposes?.find((p) => p.id === standing.purpose)?.name,
  );
  return (
    <Box>
      <ScreenHeading title="Verdict">
        Take the decision, say why, and keep the day’s figures with it.
        {purpose ? ` Weighed for “${purpose}”; another purpose is chosen in the weigh-up.` : ''}
      </ScreenHeading>
      <Rates standing={standing} />
      <AnswerLine
        answer={answer}
        act={
          <TakeAnswer
            answer={answer}
            current={model.entry.candidate.id}
            also=", and decide on it"
            alone="Decide on"
            onTaken={(candidateId) => model.set({ candidateId })}
          />
        }
      />
      <Grid
        templateColumns={{ base: 'minmax(0, 1fr)', lg: 'minmax(0, 1.35fr) minmax(0, 1fr)' }}
        gap="4"
        alignItems="start"
      >
        <Decision model={model} />
        <Flex direction="column" gap="4" minW="0">
          <ThisDay model={model} />
          <ToGo model={model} />
        </Flex>
      </Grid>
      <PastVerdicts model={model} />
    </Box>
  );
}

/** What was not weighed, or only roughly, for want of a rate. */
function Rates({ standing }: { readonly standing: Standing }) {
  const dossier = useDossierState((s) => s.dossier);
  const parts = partsOf(dossier);
  const { money } = standing.brief;
  return (
    <RateNote
      money={money}
      machines={withoutRate(standing.candidates)}
      unpriced={unpricedFor(parts, dossier.donors, standing.candidates, money)}
      nominal={nominalFor(parts, dossier.donors, standing.candidates, money)}
    />
  );
}

function ToGo({ model: { entry, view } }: { readonly model: VerdictModel }) {
  const id = encodeURIComponent(entry.candidate.id);
  return (
    <Panel title="To take along">
      <Flex gap="2" wrap="wrap" pt="1">
        <Button asChild size="sm" variant="outline" borderColor="border.emphasized">
          <Link href={`/verdict/sheet?candidate=${id}&view=${view}`}>
            <FileText size={16} /> The sheet, to print
          </Link>
        </Button>
        <Button asChild size="sm" variant="outline" borderColor="border.emphasized">
          <Link href={`/verdict/card?candidate=${id}`}>
            <Smartphone size={16} /> Card for the dealer’s
          </Link>
        </Button>
      </Flex>
    </Panel>
  );
}

function Decision({ model }: { readonly model: VerdictModel }) {
  const { standing, entry, outcome, runnerUpId, form, set, hindrance } = model;
  const others = standing.candidates.filter((c) => c !== entry);
  return (
    <Panel title="What you decide">
      <Flex direction="column" gap="4" pt="1">
        <PressRow
          label="Outcome"
          value={outcome}
          onPress={(o) => set({ outcome: o })}
          options={OUTCOMES.map((value) => ({
            value,
            words: OUTCOME_WORDS[value].name,
            also: OUTCOME_WORDS[value].means,
          }))}
        />
        <Flex columnGap="5" rowGap="2" wrap="wrap">
          <Box>
            <label htmlFor="chosen" style={{ fontWeight: 600 }}>
              {outcome === 'keep' ? 'Instead of' : 'Which'}
            </label>
            <Flex gap="2" align="center" mt="1">
              <Plate index={entry.candidate.plate} size={26} />
              <Choice
                id="chosen"
                wide="215px"
                value={entry.candidate.id}
                options={standing.candidates.map((c) => ({
                  value: c.candidate.id,
                  words: shortName(c.donor),
                }))}
                onChange={(e) => set({ candidateId: e.target.value, outcome })}
              />
            </Flex>
          </Box>
          <Box>
            <label htmlFor="runner-up" style={{ fontWeight: 600 }}>
              Next in line
            </label>
            <Box mt="1">
              <Choice
                id="runner-up"
                wide="215px"
                value={runnerUpId ?? ''}
                options={
                  others.length === 0
                    ? [{ value: '', words: 'nobody else is on the shortlist' }]
                    : others.map((c) => ({ value: c.candidate.id, words: shortName(c.donor) }))
                }
                onChange={(e) => set({ runnerUpId: e.target.value })}
              />
            </Box>
          </Box>
        </Flex>
        <BrokenMusts model={model} />
        <Box>
          <label htmlFor="reasons" style={{ fontWeight: 600 }}>
            Why, in your own words
          </label>
          <Textarea
            id="reasons"
            rows={4}
            maxLength={REASONS_LIMIT}
            mt="1"
            bg="bg.panel"
            borderColor="border.emphasized"
            value={form.reasons}
            onChange={(e) => set({ reasons: e.target.value })}
            placeholder="What tipped it, and what you gave up for it."
          />
        </Box>
        <Overturn model={model} />
        <Box>
          <Text fontWeight="600" mb="1">
            Would you spend your own money on it?
          </Text>
          <PressRow
            label="Own money"
            value={form.ownMoney}
            onPress={(ownMoney) => set({ ownMoney })}
            options={OWN_MONEY.map((value) => ({ value, words: OWN_MONEY_WORDS[value] }))}
          />
        </Box>
        <Flex
          gap="3"
          align="center"
          wrap="wrap"
          borderTopWidth="1px"
          borderTopStyle="dashed"
          borderColor="border"
          pt="3"
        >
          <Button
            bg="accent"
            color="accent.ink"
            disabled={hindrance !== undefined}
            onClick={model.settle}
            aria-describedby="hindrance"
          >
            <Gavel size={17} /> Settle it
          </Button>
          <Text id="hindrance" role="status" flex="1" minW="200px" color="fg.muted">
            {hindrance ??
              'Figures, doubts and cautions of this moment are kept with it and never change.'}
          </Text>
        </Flex>
      </Flex>
    </Panel>
  );
}

/** The musts that the machine does not keep in the state it is settled for: a verdict may go against them, knowingly. */
function BrokenMusts({
  model: { entry, view, outcome, reader },
}: {
  readonly model: VerdictModel;
}) {
  const { musts } = view === 'stock' ? entry.stock : entry.built;
  const open = musts.filter((m) => m.verdict !== 'pass');
  if (outcome === 'keep' || open.length === 0) return null;
  const broken = open.some((m) => m.verdict === 'fail');
  return (
    <Box borderLeftWidth="4px" borderColor={broken ? 'fail' : 'unsure'} pl="3" role="note">
      <Text fontWeight="600" color={broken ? 'fail' : 'unsure'}>
        {shortName(entry.donor)} {broken ? 'breaks a must' : 'keeps a must doubtfully'}{' '}
        {view === 'stock' ? 'as it stands' : 'with the parts chosen'}: say below why you take it
        nevertheless.
      </Text>
      {open.map((m) => (
        <Text key={m.key} fontSize="sm">
          {mustWords(m, reader)}
        </Text>
      ))}
    </Box>
  );
}

/** What would overturn it, with what the numbers propose. */
function Overturn({
  model: { standing, entry, doubt, form, set, reader },
}: {
  readonly model: VerdictModel;
}) {
  const name = (id: string) => {
    const found = standing.candidates.find((c) => c.candidate.id === id);
    return found ? shortName(found.donor) : id;
  };
  const proposed = [
    ...new Set(
      nearestTurnings(doubt.turnings).map((t) => turningWords(t, entry.candidate.id, name, reader)),
    ),
  ]
    .filter((w) => !form.overturn.includes(w))
    .slice(0, 2);
  return (
    <Box>
      <label htmlFor="overturn" style={{ fontWeight: 600 }}>
        What would overturn it
      </label>
      <Textarea
        id="overturn"
        rows={2}
        maxLength={REASONS_LIMIT}
        mt="1"
        bg="bg.panel"
        borderColor="border.emphasized"
        value={form.overturn}
        onChange={(e) => set({ overturn: e.target.value })}
      />
      {proposed.map((words) => (
        <Flex key={words} gap="2" align="baseline" mt="1">
          <Button
            size="xs"
            variant="outline"
            borderColor="border.emphasized"
            flexShrink={0}
            aria-label={`Write down: ${words}`}
            onClick={() =>
              set({
                overturn: [form.overturn.trim(), words]
                  .filter(Boolean)
                  .join('\n')
                  .slice(0, REASONS_LIMIT),
              })
            }
          >
            Write down
          </Button>
          <Text fontSize="sm" color="fg.muted">
            {words}
          </Text>
        </Flex>
      ))}
    </Box>
  );
}
