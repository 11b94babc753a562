'use client';
import { Text } from '@chakra-ui/react';
import { personalFit } from '@/core/fit';
import { formatWithUnit, SEAT_WIDTH_WORDS } from '@/ui/messages';
import { StanceFigure } from '@/ui/pictures/StanceFigure';
import type { MachineModel } from './use-machine';

/** How the rider's feet reach the ground, drawn to scale, and how sure that is. */
export function Astride({ model }: { readonly model: MachineModel }) {
  const {
    entry,
    view,
    standing: { brief },
    reader,
  } = model;
  const assessment = view === 'stock' ? entry.stock : entry.built;
  const seat = assessment.figures.seatHeight.estimate;
  const gap = assessment.metrics.heelGap.estimate;
  const { stance } = assessment;
  if (seat.kind === 'unknown' || gap.kind === 'unknown' || stance.kind === 'unknown')
    return (
      <Text py="2" color="unsure">
        Seat height is not known, so reach cannot be drawn.
      </Text>
    );
  const own = personalFit(brief.rider, entry.bare.evidence.sits);
  return (
    <>
      <StanceFigure
        band={stance.band}
        oneFootBand={stance.oneFootBand}
        probabilities={stance.probabilities}
        gap={gap.interval}
        seatHeight_mm={seat.interval.mid}
        shape={stance.shape}
        reader={reader}
      />
      <Text fontSize="xs" color="fg.muted" mt="1">
        {own.sits === 0
          ? 'Model of a usual seat of this class; your own sit decides. Enter sits in the brief and the model learns your legs.'
          : `Set by ${own.sits} of your own ${own.sits === 1 ? 'sit' : 'sits'}: ${formatWithUnit(Math.abs(own.offset_mm), 'length', reader)} ${own.offset_mm > 0 ? 'higher' : 'lower'} than the plain model, ± ${formatWithUnit(own.sigma_mm, 'length', reader)}. A sit on this machine still decides.`}
      </Text>
      {!stance.widthTold && (
        <Text fontSize="xs" color="unsure" mt="1">
          Nobody has told how wide its seat is: drawn as “{SEAT_WIDTH_WORDS[stance.width]}”, as most
          of its class have it; the chances reckon with the others too.
        </Text>
      )}
    </>
  );
}
