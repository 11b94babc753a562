'use client';
import { Button, Flex, Text } from '@chakra-ui/react';
import { useEffect, type ReactNode } from 'react';
import { useDossierState, useDossierStore } from '@/store/react';
import { commandWords, storageFaultWords } from '@/ui/messages';

function Banner({ children, acts }: { readonly children: ReactNode; readonly acts?: ReactNode }) {
  return (
    <Flex
      role="alert"
      align="center"
      gap="3"
      wrap="wrap"
      bg="bg.panel"
      borderLeftWidth="5px"
      borderColor="fail"
      borderRadius="plate"
      px="4"
      py="2.5"
      mb="3"
    >
      <Text flex="1" minW="240px">
        {children}
      </Text>
      {acts}
    </Flex>
  );
}

/** What the rider must know before going on: storage that fails, a faster other tab, records that cannot be read. */
export function Banners() {
  const store = useDossierStore();
  const storage = useDossierState((s) => s.storage);
  const overtaken = useDossierState((s) => s.overtaken);
  const unreadable = useDossierState((s) => s.unreadable);
  const atRisk = storage.kind === 'unsaved';
  useEffect(() => {
    if (!atRisk) return undefined;
    const ask = (event: BeforeUnloadEvent) => event.preventDefault();
    window.addEventListener('beforeunload', ask);
    return () => window.removeEventListener('beforeunload', ask);
  }, [atRisk]);
  return (
    <>
      {storage.kind === 'unsaved' && (
        <Banner
          acts={
            <Button size="sm" variant="outline" onClick={() => store.retry()}>
              Try again
            </Button>
          }
        >
          {storageFaultWords(storage.fault)}
        </Banner>
      )}
      {overtaken && (
        <Banner
          acts={
            <Button size="sm" variant="outline" onClick={() => store.forgetOvertaken()}>
              Understood
            </Button>
          }
        >
          Another tab changed the same thing first, so “{commandWords(overtaken.label)}” was not
          done here. What you see is the newest state; do it again if you still want it.
        </Banner>
      )}
      {unreadable.length > 0 && (
        <Banner>
          {unreadable.length} stored {unreadable.length === 1 ? 'record' : 'records'} could not be
          read and {unreadable.length === 1 ? 'is' : 'are'} left out:{' '}
          {unreadable.map((u) => `${u.table} ${u.key}`).join(', ')}. Nothing was deleted.
        </Banner>
      )}
    </>
  );
}
