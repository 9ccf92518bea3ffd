/**
 * An amount as other countries write it, as plain text with a point: `1.234,50 €` is `1234.50`, `1'200` is `1200`. Three
 * figures behind a single sign are thousands.
 *
 * @returns null for what is no amount
 */
export function plainAmount(text: string): string | null {
  const bare = text.replaceAll(/[\s\u00a0'’]|\p{Sc}|\b[A-Z]{3}\b/gu, "");
  if (!/^\d[\d.,]*$/.test(bare)) return null;
  const last = Math.max(bare.lastIndexOf("."), bare.lastIndexOf(","));
  if (last < 0) return bare;
  const [whole, fraction] = [bare.slice(0, last), bare.slice(last + 1)];
  const isOne = !/[.,]/.test(whole);
  const grouped = /^\d{1,3}([.,]\d{3})*$/;
  if (fraction.length === 3 && grouped.test(bare)) return bare.replaceAll(/[.,]/g, "");
  if (fraction === "" || fraction.length > 2 || !(isOne || grouped.test(whole))) return null;
  return `${whole.replaceAll(/[.,]/g, "")}.${fraction}`;
}
