'use client';
import { Box, Flex, Grid, IconButton, Text } from '@chakra-ui/react';
import {
  closestCorners,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useDroppable,
  useSensor,
  useSensors,
  type Announcements,
  type DragEndEvent,
  type UniqueIdentifier,
} from '@dnd-kit/core';
import {
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { GripVertical } from 'lucide-react';
import { BUILD_STAGES, type BuildStage, type StageStep } from '@/core/build';
import { partsCost } from '@/core/money';
import type { Part } from '@/core/part';
import { Choice } from '@/ui/fields';
import { formatNumber, formatWithUnit, STAGE_WORDS } from '@/ui/messages';
import type { BuildModel } from '../use-build';
import type { StagesModel } from './use-stages';

interface BoardProps {
  readonly model: BuildModel;
  readonly stages: StagesModel;
}

/** The build in four stages: parts are dragged, or moved by keys or by the list in each card. */
export function StageBoard({ model, stages }: BoardProps) {
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const drop = ({ active, over }: DragEndEvent) => {
    if (!over || over.id === active.id) return;
    const [id, on] = [String(active.id), String(over.id)];
    const stage = BUILD_STAGES.find((s) => s === on);
    if (stage) return model.move(id, stage);
    const order = stages.steps.flatMap((s) => s.parts.map((p) => p.id));
    const behind = model.stageOf(id) === model.stageOf(on) && order.indexOf(id) < order.indexOf(on);
    model.move(id, model.stageOf(on), behind ? order[order.indexOf(on) + 1] : on);
  };
  const named = (id: UniqueIdentifier): string =>
    STAGE_WORDS[id as BuildStage]?.toLowerCase() ?? model.partName(String(id));
  const announcements: Announcements = {
    onDragStart: ({ active }) => `Picked up ${named(active.id)}.`,
    onDragOver: ({ active, over }) =>
      over ? `${named(active.id)} is at ${named(over.id)}.` : `${named(active.id)} is nowhere.`,
    onDragEnd: ({ active, over }) =>
      over
        ? `${named(active.id)} was put at ${named(over.id)}.`
        : `${named(active.id)} stays where it was.`,
    onDragCancel: ({ active }) => `${named(active.id)} stays where it was.`,
  };
  return (
    <DndContext
      id="stages"
      accessibility={{
        announcements,
        screenReaderInstructions: {
          draggable:
            'Space picks a part up and puts it down, arrows move it, Escape leaves it where it was.',
        },
      }}
      sensors={sensors}
      collisionDetection={closestCorners}
      onDragEnd={drop}
    >
      <Grid
        templateColumns={{
          base: 'minmax(0, 1fr)',
          md: 'repeat(2, minmax(0, 1fr))',
          xl: 'repeat(4, minmax(0, 1fr))',
        }}
        gap="3"
        alignItems="start"
      >
        {stages.steps.map((step) => (
          <StageColumn key={step.stage} step={step} model={model} stages={stages} />
        ))}
      </Grid>
    </DndContext>
  );
}

function StageColumn({ step, model, stages }: BoardProps & { readonly step: StageStep }) {
  const { setNodeRef, isOver } = useDroppable({ id: step.stage });
  const { reader } = model;
  const { stage, parts, cost, mass_kg, hours } = step;
  const day = model.standing.brief.trip.days?.[stage as 'trip'];
  return (
    <Box
      as="section"
      ref={setNodeRef}
      aria-label={STAGE_WORDS[stage]}
      bg="bg.panel"
      borderWidth="1px"
      borderColor={isOver ? 'accent' : 'border'}
      borderTopWidth="4px"
      borderRadius="plate"
      px="3"
      py="2"
      minH="120px"
    >
      <Text as="h2" fontFamily="heading" fontWeight="800">
        {STAGE_WORDS[stage]}
      </Text>
      {stage !== 'someday' && (
        <Flex gap="2" align="center" fontSize="sm" my="1">
          <label htmlFor={`day-${stage}`}>by</label>
          <input
            id={`day-${stage}`}
            type="date"
            value={day ?? ''}
            onChange={(e) => stages.setDay(stage, e.target.value)}
            style={{
              border: '1px solid var(--chakra-colors-border-emphasized)',
              borderRadius: 3,
              padding: '2px 6px',
              background: 'var(--chakra-colors-bg-panel)',
              colorScheme: 'light dark',
            }}
          />
        </Flex>
      )}
      <Text fontSize="sm" color="fg.muted">
        {parts.length === 0 ? (
          'nothing'
        ) : (
          <>
            {cost === undefined ? 'cost not known' : `${formatNumber(cost)} ${reader.currency}`},{' '}
            {formatWithUnit(mass_kg, 'mass', reader)}, {formatNumber(hours, 1)} h
          </>
        )}
      </Text>
      <SortableContext items={parts.map((p) => p.id)} strategy={verticalListSortingStrategy}>
        <Box mt="1">
          {parts.map((part) => (
            <PartCard
              key={part.id}
              part={part}
              stage={stage}
              step={step}
              model={model}
              stages={stages}
            />
          ))}
        </Box>
      </SortableContext>
    </Box>
  );
}

function PartCard({
  part,
  stage,
  step,
  model,
  stages,
}: BoardProps & { readonly part: Part; readonly stage: BuildStage; readonly step: StageStep }) {
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({
    id: part.id,
  });
  const { reader, standing } = model;
  const cost = partsCost(part, standing.brief.money);
  const order = step.orders.find((o) => o.part.id === part.id);
  const needs = stages.tooSoon.get(part.id);
  return (
    <Box
      ref={setNodeRef}
      style={{ transform: CSS.Transform.toString(transform), transition }}
      bg="bg.subtle"
      borderRadius="plate"
      px="2"
      py="1.5"
      mt="1.5"
      opacity={isDragging ? 0.6 : 1}
    >
      <Flex gap="1" align="flex-start">
        <IconButton
          size="xs"
          variant="ghost"
          cursor="grab"
          touchAction="none"
          {...attributes}
          {...listeners}
          aria-label={`Move ${part.name}`}
        >
          <GripVertical size={15} />
        </IconButton>
        <Box flex="1" minW="0">
          <Text fontWeight="600" lineHeight="1.2">
            {part.name}
          </Text>
          <Text fontSize="xs" color="fg.muted">
            {cost === undefined ? 'cost not known' : `${formatNumber(cost)} ${reader.currency}`}
            {order
              ? `, order by ${order.by}`
              : part.leadTime_days > 0
                ? `, ${part.leadTime_days} days to come`
                : ''}
          </Text>
          {needs && (
            <Text fontSize="xs" color="fail" fontWeight="600">
              Needs{' '}
              {needs
                .map((id) => (standing.candidates.length > 0 ? model.partName(id) : id))
                .join(' or ')}{' '}
              first.
            </Text>
          )}
          <Box mt="1">
            <Choice
              aria-label={`When to fit ${part.name}`}
              wide="100%"
              value={stage}
              options={BUILD_STAGES.map((s) => ({ value: s, words: STAGE_WORDS[s] }))}
              onChange={(e) => model.move(part.id, e.target.value as BuildStage)}
            />
          </Box>
        </Box>
      </Flex>
    </Box>
  );
}
