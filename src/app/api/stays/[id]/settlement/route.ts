import { Type } from "@sinclair/typebox";
import { Sha256 } from "@/core/handover/entry";
import { Signature, SignatureContents, Without } from "@/core/handover/seal";
import { requireStaff } from "@/server/auth/session";
import { withBase } from "@/server/db/pool";
import { terminalBook } from "@/server/deposit/terminal-book";
import { readJson } from "@/server/http/body";
import { handle } from "@/server/http/handle";
import { idParam } from "@/server/http/id";
import { signSettlement } from "@/server/settlement/sign";
import { simulatedTerminal } from "@/stand-ins/deposit-terminal";

interface Context {
  params: Promise<{ id: string }>;
}

const Body = Type.Object(
  {
    digest: Sha256,
    words: Type.Array(Type.String({ maxLength: 1000 }), { maxItems: 1000 }),
    reservations: Type.Array(
      Type.Object(
        { line: Type.String({ maxLength: 200 }), words: Type.String({ minLength: 1, maxLength: 1000 }) },
        { additionalProperties: false },
      ),
      { maxItems: 200 },
    ),
    signatures: Type.Array(Signature, { minItems: 2, maxItems: 2 }),
    contents: SignatureContents,
    without: Type.Union([Without, Type.Null()]),
  },
  { additionalProperties: false },
);

/** Both sign the settlement; the deposit is captured and released through the (simulated) terminal. */
export const POST = handle<Context>("sign-settlement", async (request, { params }) => {
  const staff = await requireStaff();
  const stayId = idParam((await params).id);
  const signing = await readJson(request, Body, 2_000_000);
  const signed = await withBase(staff.baseId, (db) =>
    signSettlement(db, stayId, signing, simulatedTerminal(terminalBook(db), "approves"), staff.personId),
  );
  return Response.json(signed);
});
