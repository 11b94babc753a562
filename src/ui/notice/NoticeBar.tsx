'use client';
import { Button, Flex, Text } from '@chakra-ui/react';
import { X } from 'lucide-react';
import { useEffect } from 'react';
import { dismissNotice, useNotice } from './notice-store';

const SHOWN_MS = 9000;

/** The one line at the foot of the page that says what has just happened. */
export function NoticeBar() {
  const { notice, count } = useNotice();
  useEffect(() => {
    if (!notice || notice.tone === 'lasting') return undefined;
    const timer = setTimeout(dismissNotice, SHOWN_MS);
    return () => clearTimeout(timer);
  }, [notice, count]);
  return (
    <Flex
      role="status"
      aria-live="polite"
      position="fixed"
      bottom={{ base: '76px', md: '20px' }}
      right={{ base: '12px', md: '24px' }}
      left={{ base: '12px', md: 'auto' }}
      maxW="560px"
      zIndex={40}
    >
      {notice && (
        <Flex
          align="center"
          gap="3"
          bg="fg"
          color="bg"
          px="4"
          py="2.5"
          borderRadius="plate"
          boxShadow="lg"
          flex="1"
        >
          <Text flex="1">{notice.text}</Text>
          {notice.act && (
            <Button
              size="sm"
              variant="outline"
              color="bg"
              borderColor="bg"
              _hover={{ bg: 'fg.muted' }}
              onClick={() => {
                notice.act?.run();
                dismissNotice();
              }}
            >
              {notice.act.word}
            </Button>
          )}
          <Button
            size="xs"
            variant="ghost"
            color="bg"
            _hover={{ bg: 'fg.muted' }}
            aria-label="Dismiss"
            onClick={dismissNotice}
          >
            <X size={16} />
          </Button>
        </Flex>
      )}
    </Flex>
  );
}
