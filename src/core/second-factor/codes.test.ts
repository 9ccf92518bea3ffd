import { codeSeconds, factorUri, fittingStep } from "./codes";

/** The secret of RFC 6238, appendix B ("12345678901234567890" in ASCII), in base 32; its codes there are of eight digits. */
const secret = "GEZDGNBVGY3TQOJQGEZDGNBVGY3TQOJQ";
const rfc: [seconds: number, code: string][] = [
  [59, "287082"],
  [1111111109, "081804"],
  [1111111111, "050471"],
  [1234567890, "005924"],
  [2000000000, "279037"],
];

it.each(rfc)("takes the RFC's code at %s seconds, as the step of its time", (seconds, code) =>
  expect(fittingStep(secret, code, seconds * 1000, null)).toBe(Math.floor(seconds / codeSeconds)),
);

it("takes a code with blanks in it, and none that is no code", () => {
  expect(fittingStep(secret, " 005 924 ", 1234567890_000, null)).toBe(41152263);
  for (const code of ["", "5924", "0059240", "00592a", "005925"])
    expect(fittingStep(secret, code, 1234567890_000, null)).toBeNull();
});

it("takes it one step early or late, and not from a clock that is an hour wrong", () => {
  // 1234567890 is the start of its step
  expect(fittingStep(secret, "005924", (1234567890 + 30) * 1000, null)).toBe(41152263);
  expect(fittingStep(secret, "005924", (1234567890 - 30) * 1000, null)).toBe(41152263);
  for (const off of [61, -61, 3600, -3600])
    expect(fittingStep(secret, "005924", (1234567890 + off) * 1000, null)).toBeNull();
});

it("takes each once: none of the last step or of one before it", () => {
  expect(fittingStep(secret, "005924", 1234567890_000, 41152262)).toBe(41152263);
  expect(fittingStep(secret, "005924", 1234567890_000, 41152263)).toBeNull();
  expect(fittingStep(secret, "005924", 1234567890_000, 41152270)).toBeNull();
});

it("tells the phone for whom and of what base it is", () => {
  const uri = new URL(factorUri(secret, { issuer: "Brinecove Tarn Quay", email: "hale@tarn.example" }));
  expect(decodeURIComponent(uri.pathname)).toContain("Brinecove Tarn Quay:hale@tarn.example");
  expect(uri.searchParams.get("secret")).toBe(secret);
  expect(uri.searchParams.get("issuer")).toBe("Brinecove Tarn Quay");
});
