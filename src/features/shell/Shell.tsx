'use client';
import { Box, Flex } from '@chakra-ui/react';
import { usePathname, useRouter } from 'next/navigation';
import { Suspense, useCallback, useEffect, useState, type ReactNode } from 'react';
import { useSessionReady } from '@/store/react';
import { useEver } from '@/ui/fields';
import { late } from '@/ui/late';
import { NoticeBar } from '@/ui/notice';
import { Opening } from '@/ui/Opening';
import { Banners } from './Banners';
import { ScreenBoundary } from './ScreenBoundary';
import { FootStrip, Strip } from './Strip';
import { Toolbar } from './Toolbar';
import { useKeys } from './use-keys';

const KeyHelp = late(async () => (await import('./KeyHelp')).KeyHelp);

/** The frame around every screen: strip, tools, banners. Shows the page's shape while the dossier is being read. */
export function Shell({ children }: { readonly children: ReactNode }) {
  return useSessionReady() ? <OpenShell>{children}</OpenShell> : <ClosedShell />;
}

function OpenShell({ children }: { readonly children: ReactNode }) {
  const [help, setHelp] = useState(false);
  const asked = useEver(help);
  const place = usePathname();
  useKeys(useCallback(() => setHelp(true), []));
  return (
    <Flex minH="100dvh" _print={{ minHeight: 0 }}>
      <Strip />
      <Box
        flex="1"
        minW="0"
        px={{ base: '3', md: '6' }}
        pt="3"
        pb={{ base: '92px', md: '8' }}
        _print={{ padding: 0 }}
      >
        <Banners />
        <Box position="relative">
          <Box as="main" id="main">
            <ScreenBoundary place={place}>{children}</ScreenBoundary>
          </Box>
          <Box
            _print={{ display: 'none' }}
            position="absolute"
            top="0"
            right={{ base: '-8px', md: '-4px' }}
            zIndex={5}
          >
            <Toolbar onHelp={() => setHelp(true)} />
          </Box>
        </Box>
      </Box>
      <FootStrip />
      <NoticeBar />
      <Suspense>{asked && <KeyHelp open={help} onClose={() => setHelp(false)} />}</Suspense>
    </Flex>
  );
}

function ClosedShell() {
  const router = useRouter();
  const place = usePathname();
  // The start hands over to it wherever something is stored, or an example opens.
  useEffect(() => {
    if (place === '/') router.prefetch('/weigh-up');
  }, [place, router]);
  return (
    <Flex minH="100dvh" aria-busy="true">
      <Box
        width="208px"
        bg="bg.panel"
        borderRightWidth="1px"
        borderColor="border"
        display={{ base: 'none', md: 'block' }}
      />
      <Box as="main" flex="1" p="6">
        <Opening />
      </Box>
    </Flex>
  );
}
