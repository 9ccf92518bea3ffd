import {
  createReadStream,
  createWriteStream,
  existsSync,
  openSync,
  readSync,
  closeSync,
  renameSync,
  rmSync,
} from "node:fs";
import { Readable } from "node:stream";
import { pipeline } from "node:stream/promises";
import type { ReadableStream } from "node:stream/web";
import { Decrypter, Encrypter } from "age-encryption";
import { create, extract } from "tar";
import { CommandError } from "../command-error";

/** How a file begins that is encrypted with a passphrase: the age format, which its own tools open too. */
const encryptedBegins = "age-encryption.org/v1";

const web = (stream: Readable) => Readable.toWeb(stream) as unknown as globalThis.ReadableStream<Uint8Array>;
const node = (stream: globalThis.ReadableStream<Uint8Array>) => Readable.fromWeb(stream as unknown as ReadableStream);

export interface BackupSecret {
  passphrase: string;
  /** logarithm of how dear one guess is made; the library's own, 18, unless a test is in a hurry */
  workFactor?: number;
}

/**
 * Writes files of a folder as one archive (tar), encrypted where a passphrase is given. It stands under its name once it is
 * whole; one that was cut off leaves nothing.
 */
export async function writeArchive(
  file: string,
  folder: string,
  names: readonly string[],
  secret: BackupSecret | undefined,
): Promise<void> {
  // two that are told the same name do not write into one another
  const part = `${file}.${process.pid}.part`;
  try {
    const archive = Readable.from(create({ cwd: folder, portable: true, strict: true }, [...names]));
    await pipeline(
      secret === undefined ? archive : node(await encrypterOf(secret).encrypt(web(archive))),
      createWriteStream(part, { mode: 0o600, flush: true }),
    );
    renameSync(part, file);
  } catch (error) {
    rmSync(part, { force: true });
    throw error;
  }
}

function encrypterOf({ passphrase, workFactor }: BackupSecret): Encrypter {
  const encrypter = new Encrypter();
  encrypter.setPassphrase(passphrase);
  if (workFactor !== undefined) encrypter.setScryptWorkFactor(workFactor);
  return encrypter;
}

/** Whether an archive can be opened with a passphrase alone. */
export function isEncrypted(file: string): boolean {
  const begins = Buffer.alloc(encryptedBegins.length);
  const handle = openSync(file, "r");
  readSync(handle, begins, 0, begins.length, 0);
  closeSync(handle);
  return begins.toString() === encryptedBegins;
}

/**
 * Puts the files of an archive into a folder.
 *
 * @throws CommandError where there is none, it is none, it was cut off, or the passphrase does not open it
 */
export async function readArchive(file: string, folder: string, passphrase: string | undefined): Promise<void> {
  if (!existsSync(file)) throw new CommandError(`There is no file ${file}.`);
  const plain = isEncrypted(file) ? await decrypted(file, passphrase) : createReadStream(file);
  try {
    await pipeline(plain, extract({ cwd: folder, strict: true, preserveOwner: false, filter: isOurs }));
  } catch (error) {
    throw new CommandError(`${file} is no backup of Brinecove, or it was cut off: ${(error as Error).message}`);
  }
}

/** Nothing but files that a backup holds is written, wherever an archive says that it should lie. */
const isOurs = (path: string): boolean => /^(manifest\.json|database\.dump|keys\/[\w.-]+\.pem)$/.test(path);

async function decrypted(file: string, passphrase: string | undefined): Promise<Readable> {
  if (passphrase === undefined)
    throw new CommandError(
      `${file} is encrypted. Set BRINECOVE_BACKUP_PASSPHRASE to the passphrase that it was made with.`,
    );
  const decrypter = new Decrypter();
  decrypter.addPassphrase(passphrase);
  try {
    return node(await decrypter.decrypt(web(createReadStream(file))));
  } catch {
    throw new CommandError(
      `The passphrase does not open ${file}, or its first lines are damaged. Set BRINECOVE_BACKUP_PASSPHRASE to the one that it was made with.`,
    );
  }
}
