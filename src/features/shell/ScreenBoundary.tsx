'use client';
import { Box, Button, Flex, Text } from '@chakra-ui/react';
import { Component, type ErrorInfo, type ReactNode } from 'react';
import { saveDossier } from '@/store/files';
import { useDossierStore } from '@/store/react';
import { ScreenHeading } from '@/ui/ScreenHeading';

interface BoundaryProps {
  /** Where the rider is: going elsewhere tries again. */
  readonly place: string;
  readonly fallback: (fault: Error, again: () => void) => ReactNode;
  readonly children: ReactNode;
}

class Boundary extends Component<BoundaryProps, { readonly fault: Error | undefined }> {
  override state = { fault: undefined as Error | undefined };
  static getDerivedStateFromError(fault: Error) {
    return { fault };
  }
  override componentDidCatch(fault: Error, info: ErrorInfo) {
    console.error(fault, info.componentStack);
  }
  override componentDidUpdate(before: BoundaryProps) {
    if (before.place !== this.props.place && this.state.fault) this.setState({ fault: undefined });
  }
  override render() {
    const { fault } = this.state;
    const { fallback, children } = this.props;
    return fault ? fallback(fault, () => this.setState({ fault: undefined })) : children;
  }
}

/** A file of the app that is not to be had any more: another version has taken its place. */
const isMissingFile = (fault: Error): boolean =>
  fault.name === 'ChunkLoadError' ||
  /loading (css )?chunk|dynamically imported/i.test(fault.message);

function BrokenScreen({ fault, again }: { readonly fault: Error; readonly again: () => void }) {
  const store = useDossierStore();
  const missing = isMissingFile(fault);
  return (
    <Box role="alert">
      <ScreenHeading title={missing ? 'Load this page anew' : 'This screen broke down'}>
        {missing
          ? 'A part of the app that this tab needs is no longer there: a newer Jugator has taken its place.'
          : 'Something on it could not be drawn. Your dossier is not touched: go on by the strip, undo what you did last, or take a file of everything along.'}
      </ScreenHeading>
      <Flex gap="3" wrap="wrap">
        <Button bg="accent" color="accent.ink" onClick={missing ? () => location.reload() : again}>
          {missing ? 'Load anew' : 'Draw it again'}
        </Button>
        <Button
          variant="outline"
          borderColor="border.emphasized"
          onClick={() => saveDossier(store.getState().dossier, 'jugator')}
        >
          Export to a file
        </Button>
      </Flex>
      {!missing && (
        <Text mt="4" fontSize="sm" color="fg.muted">
          What went wrong, for whoever mends it: {fault.message}
        </Text>
      )}
    </Box>
  );
}

/** Keeps strip, undo and export when a screen breaks down. */
export function ScreenBoundary({
  place,
  children,
}: {
  readonly place: string;
  readonly children: ReactNode;
}) {
  return (
    <Boundary
      place={place}
      fallback={(fault, again) => <BrokenScreen fault={fault} again={again} />}
    >
      {children}
    </Boundary>
  );
}
