"use client";
import { Button, Pagination as Part } from "@chakra-ui/react";

interface Props {
  label: string;
  words: { before: string; next: string };
  count: number;
  pageSize: number;
  page: number;
  onGo: (page: number) => void;
}

/** Goes from page to page of a long list; draws nothing where one page holds it all. */
export function Pages({ label, words, count, pageSize, page, onGo }: Props) {
  if (count <= pageSize) return null;
  return (
    <Part.Root
      as="nav"
      aria-label={label}
      count={count}
      pageSize={pageSize}
      page={page}
      onPageChange={(to) => onGo(to.page)}
    >
      <Part.PrevTrigger asChild>
        <Button aria-label={words.before}>{words.before}</Button>
      </Part.PrevTrigger>
      <Part.PageText format="compact" />
      <Part.NextTrigger asChild>
        <Button aria-label={words.next}>{words.next}</Button>
      </Part.NextTrigger>
    </Part.Root>
  );
}
