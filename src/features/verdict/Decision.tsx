'use client';
import { Box, Button, Flex, Text, Textarea } from '@chakra-ui/react';
import { Gavel } from 'lucide-react';
import { shortName } from '@/core/donor';
import { OUTCOMES, OWN_MONEY, REASONS_LIMIT } from '@/store/records';
import { Choice, Panel, PressRow } from '@/ui/fields';
import { Plate } from '@/ui/marks/Plate';
import { mustWords, OUTCOME_WORDS, OWN_MONEY_WORDS } from '@/ui/messages';
import { Overturn } from './Overturn';
import type { VerdictModel } from './use-verdict';

/** The form of a decision: outcome, machine, reasons, what would overturn it, whose money; and settling it. */
export function Decision({ model }: { readonly model: VerdictModel }) {
  const { outcome, form, set, hindrance } = model;
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
        <Machines model={model} />
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

/** Which machine it is, and which is next in line. */
function Machines({
  model: { standing, entry, outcome, runnerUpId, set },
}: {
  readonly model: VerdictModel;
}) {
  const others = standing.candidates.filter((c) => c !== entry);
  return (
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
