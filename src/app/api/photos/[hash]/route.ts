import { requireGrant } from "@/server/auth/grant";
import { requireReaderOfHandover } from "@/server/auth/reader";
import { charterSession, requireStaff, staffSession } from "@/server/auth/session";
import { withBase } from "@/server/db/pool";
import { readBytes } from "@/server/http/body";
import { handle } from "@/server/http/handle";
import { idParam } from "@/server/http/id";
import { Refusal } from "@/server/http/refusal";
import { checkPhoto, keepPhoto, photoBytes, photoLimits } from "@/server/photos/keep";
import { photoBelongsToCharter } from "@/server/photos/belongs";

interface Context {
  params: Promise<{ hash: string }>;
}

function hashParam(text: string): string {
  if (!/^[0-9a-f]{64}$/.test(text)) throw new Refusal(404, "no-such-photo", "There is no such photo here.");
  return text;
}

async function baseOfReader(request: Request, hash: string): Promise<string> {
  const handover = new URL(request.url).searchParams.get("handover");
  if (handover) return (await requireGrant(request, idParam(handover))).baseId;
  const staff = await staffSession();
  if (staff) return staff.baseId;
  const charter = await charterSession();
  if (charter && (await withBase(charter.baseId, (db) => photoBelongsToCharter(db, hash, charter.charterId))))
    return charter.baseId;
  throw new Refusal(401, "not-open", "Sign in, or open your boat book again with link and PIN.");
}

export const GET = handle<Context>("get-photo", async (request, { params }) => {
  const hash = hashParam((await params).hash);
  const baseId = await baseOfReader(request, hash);
  const small = new URL(request.url).searchParams.has("small");
  const photo = await withBase(baseId, (db) => photoBytes(db, hash, small));
  if (!photo) throw new Refusal(404, "no-such-photo", "This photo has not arrived at the base yet.");
  return new Response(new Uint8Array(photo.bytes), { headers: { "content-type": photo.mediaType } });
});

/** A device of the handover by its grant, somebody of the base signed in at the desk, or the boat book of the charter that the handover belongs to, for what is reported afterwards. */
async function baseOfWriter(request: Request, handover: string): Promise<string> {
  if (request.headers.has("authorization")) return (await requireGrant(request, handover)).baseId;
  if (await staffSession()) return requireReaderOfHandover(handover);
  const charter = await charterSession();
  return charter ? requireReaderOfHandover(handover) : (await requireGrant(request, handover)).baseId;
}

/** Keeps a photo under the hash of its bytes. */
export const PUT = handle<Context>("put-photo", async (request, { params }) => {
  const hash = hashParam((await params).hash);
  const asked = new URL(request.url).searchParams.get("handover");
  const handover = asked === null ? null : idParam(asked);
  // a photo of a yacht's file belongs to no handover: somebody of the base takes it, or her crew
  const baseId =
    handover === null
      ? ((await staffSession()) ?? (await charterSession()) ?? (await requireStaff())).baseId
      : await baseOfWriter(request, handover);
  const bytes = await readBytes(request, photoLimits.bytes);
  const photo = await checkPhoto(bytes, hash);
  await withBase(baseId, (db) => keepPhoto(db, handover, photo, bytes));
  return Response.json({ kept: hash });
});
