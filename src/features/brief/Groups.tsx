'use client';
import { Box, Flex, Text } from '@chakra-ui/react';
import { memo, useEffect, useEffectEvent, type ReactNode } from 'react';
import type { Brief } from '@/core/brief';
import { usePreferences } from '@/store/react';
import { FoldAll, FoldedPanel } from '@/ui/fields';
import { Beliefs } from './Beliefs';
import { KeepingFields, MoneyFields, MustFields, RiderFields, TripFields } from './BriefGroups';
import { assumedIn, groupLine, GROUPS, type Group } from './group-lines';
import { GroundMix } from './GroundMix';
import { PurposeList } from './PurposeList';
import type { BriefModel } from './use-brief';

const TITLES: Readonly<Record<Group, string>> = {
  rider: 'Rider',
  ground: 'Ground',
  trip: 'Trip',
  musts: 'Musts',
  money: 'Money',
  keeping: 'Keeping it',
};

const FIELDS: Readonly<Record<Group, (model: BriefModel) => ReactNode>> = {
  rider: (model) => <RiderFields model={model} />,
  ground: (model) => (
    <Box id="purposes">
      <PurposeList model={model} />
      <GroundMix model={model} />
      <Beliefs model={model} />
    </Box>
  ),
  trip: (model) => <TripFields model={model} />,
  musts: (model) => <MustFields model={model} />,
  money: (model) => <MoneyFields model={model} />,
  keeping: (model) => <KeepingFields model={model} />,
};

/** Groups in which something typed is refused: they stay open until it is mended. */
const refusedIn = ({ errors }: BriefModel): readonly Group[] => [
  ...GROUPS.filter((group) => group in errors),
  ...('money' in errors ? (['keeping'] as const) : []),
];

interface GroupProps {
  readonly group: Group;
  readonly model: BriefModel;
  readonly openGroups: readonly string[];
  readonly open: boolean;
  readonly keep: (change: { readonly openGroups: readonly string[] }) => void;
}

/** The sections of the brief that a group shows; a purpose has its own ground and beliefs. */
const SECTIONS: Readonly<Record<Group, readonly (keyof Brief)[]>> = {
  rider: ['rider'],
  ground: ['ground', 'schools', 'purposes', 'trip', 'musts', 'swings'],
  trip: ['trip'],
  musts: ['rider', 'trip', 'money', 'musts'],
  money: ['money'],
  keeping: ['money'],
};

/** A group is drawn again only when what it shows has changed: a slider that moves elsewhere must not cost it. */
const isAsBefore = (a: GroupProps, b: GroupProps): boolean =>
  a.open === b.open &&
  a.openGroups === b.openGroups &&
  SECTIONS[a.group].every((section) => a.model.brief[section] === b.model.brief[section]) &&
  a.model.brief.origins === b.model.brief.origins &&
  a.model.purpose === b.model.purpose &&
  a.model.reader === b.model.reader &&
  a.model.errors === b.model.errors;

const OneGroup = memo(function OneGroup({ group, model, openGroups, open, keep }: GroupProps) {
  const assumed = assumedIn(model.brief, group);
  return (
    <FoldedPanel
      id={`brief-${group}`}
      title={TITLES[group]}
      line={
        <>
          {groupLine(group === 'ground' ? model.shown : model.brief, group, model.reader)}
          {assumed > 0 && (
            <>
              {'; '}
              <Text as="span" color="unsure" fontWeight="700">
                {assumed} assumed
              </Text>
            </>
          )}
        </>
      }
      open={open}
      onToggle={() =>
        keep({
          openGroups: open ? openGroups.filter((g) => g !== group) : [...openGroups, group],
        })
      }
    >
      {() => FIELDS[group](model)}
    </FoldedPanel>
  );
}, isAsBefore);

/** All of the brief in six groups, each folded to a line with what stands there. */
export function Groups({ model }: { readonly model: BriefModel }) {
  const [{ openGroups }, keep] = usePreferences();
  const open = new Set<string>([...openGroups, ...refusedIn(model)]);
  const openTarget = useEffectEvent(() => {
    const group = window.location.hash === '#purposes' ? 'ground' : window.location.hash.slice(1);
    if (GROUPS.some((g) => g === group) && !openGroups.includes(group))
      keep({ openGroups: [...openGroups, group] });
  });
  useEffect(() => openTarget(), []);
  const folded = GROUPS.some((group) => !open.has(group));
  return (
    <Flex direction="column" gap="3">
      <FoldAll some={folded} onPress={() => keep({ openGroups: folded ? GROUPS : [] })} />
      {GROUPS.map((group) => (
        <OneGroup
          key={group}
          group={group}
          model={model}
          openGroups={openGroups}
          open={open.has(group)}
          keep={keep}
        />
      ))}
    </Flex>
  );
}
