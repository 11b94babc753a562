'use client';
import { Box } from '@chakra-ui/react';
import type { ReactNode } from 'react';

/** A table to be read, in a region that scrolls by itself; cells of class `n` are figures. */
export function PlainTable({
  label,
  maxH,
  children,
}: {
  readonly label: string;
  readonly maxH?: string;
  readonly children: ReactNode;
}) {
  return (
    <Box
      overflowX="auto"
      {...(maxH ? { maxH, overflowY: 'auto' as const } : {})}
      tabIndex={0}
      role="region"
      aria-label={label}
    >
      <Box
        as="table"
        width="100%"
        css={{
          '& td, & th': { padding: '3px 10px 3px 0', textAlign: 'left', verticalAlign: 'top' },
          '& .n': { textAlign: 'right', whiteSpace: 'nowrap' },
          '& tbody tr': { borderTop: '1px solid var(--chakra-colors-border-muted)' },
        }}
      >
        {children}
      </Box>
    </Box>
  );
}
