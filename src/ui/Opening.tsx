import { Skeleton } from '@chakra-ui/react';

/** The shape of a page whose dossier is still being read. */
export function Opening() {
  return (
    <>
      <h1 style={{ fontSize: 20, fontWeight: 700 }}>Opening the dossier…</h1>
      <Skeleton height="32px" width="320px" my="6" />
      <Skeleton height="320px" />
    </>
  );
}
