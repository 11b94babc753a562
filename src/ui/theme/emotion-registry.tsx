'use client';
import createCache from '@emotion/cache';
import { CacheProvider } from '@emotion/react';
import { useServerInsertedHTML } from 'next/navigation';
import { useState, type ReactNode } from 'react';

interface Inserted {
  readonly name: string;
  readonly global: boolean;
}

/** Streams Emotion's CSS into the head; inline in the tree it would break hydration. */
export function EmotionRegistry({ children }: { readonly children: ReactNode }) {
  const [{ cache, flush }] = useState(() => {
    const made = createCache({ key: 'css' });
    made.compat = true;
    const insert = made.insert;
    const names: Inserted[] = [];
    made.insert = (selector, serialized, sheet, shouldCache) => {
      if (made.inserted[serialized.name] === undefined)
        names.push({ name: serialized.name, global: selector === '' });
      return insert(selector, serialized, sheet, shouldCache);
    };
    return { cache: made, flush: () => names.splice(0) };
  });

  useServerInsertedHTML(() => {
    const rules = flush().flatMap(({ name, global }) => {
      const css = cache.inserted[name];
      return typeof css === 'string' ? [{ name, global, css }] : [];
    });
    const local = rules.filter((r) => !r.global);
    return (
      <>
        {rules
          .filter((r) => r.global)
          .map((r) => (
            <style
              key={r.name}
              data-emotion={`${cache.key}-global ${r.name}`}
              dangerouslySetInnerHTML={{ __html: r.css }}
            />
          ))}
        {local.length > 0 && (
          <style
            data-emotion={`${cache.key} ${local.map((r) => r.name).join(' ')}`}
            dangerouslySetInnerHTML={{ __html: local.map((r) => r.css).join('') }}
          />
        )}
      </>
    );
  });
  return <CacheProvider value={cache}>{children}</CacheProvider>;
}
