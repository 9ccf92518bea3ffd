/** A picture ready to be kept: small, without where it was taken, named by the hash of its bytes. */
export interface ReadyPhoto {
  hash: string;
  bytes: Blob;
  takenAt: string | null;
  from: "camera" | "file";
}
