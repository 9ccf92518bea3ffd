"use client";
import createCache from "@emotion/cache";
import { CacheProvider } from "@emotion/react";
import { useServerInsertedHTML } from "next/navigation";
import { useState, type ReactNode } from "react";

/**
 * Emotion in the App Router: the styles of each streamed chunk are collected and put into <head> with the page's nonce,
 * or the strict policy refuses them and hydration does not match.
 */
export function EmotionRegistry({ nonce, children }: { nonce: string; children: ReactNode }) {
  const [{ cache, flush }] = useState(() => {
    const cache = createCache({ key: "bc", nonce });
    cache.compat = true;
    const insert = cache.insert;
    let inserted: { name: string; global: boolean }[] = [];
    cache.insert = (...args) => {
      const [selector, serialized] = args;
      if (cache.inserted[serialized.name] === undefined) inserted.push({ name: serialized.name, global: !selector });
      return insert(...args);
    };
    const flush = () => {
      const now = inserted;
      inserted = [];
      return now;
    };
    return { cache, flush };
  });
  useServerInsertedHTML(() => {
    const fresh = flush();
    const style = ({ name }: { name: string }) =>
      typeof cache.inserted[name] === "string" ? cache.inserted[name] : "";
    const globals = fresh.filter((each) => each.global);
    const scoped = fresh.filter((each) => !each.global && style(each) !== "");
    if (fresh.length === 0) return null;
    return (
      <>
        {globals.map((each) => (
          <style
            key={each.name}
            nonce={nonce}
            data-emotion={`${cache.key}-global ${each.name}`}
            dangerouslySetInnerHTML={{ __html: style(each) }}
          />
        ))}
        {scoped.length > 0 && (
          <style
            nonce={nonce}
            data-emotion={`${cache.key} ${scoped.map((each) => each.name).join(" ")}`}
            dangerouslySetInnerHTML={{ __html: scoped.map(style).join("") }}
          />
        )}
      </>
    );
  });
  return <CacheProvider value={cache}>{children}</CacheProvider>;
}
