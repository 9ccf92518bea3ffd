"use client";
import { useTranslations } from "next-intl";
import { useEffect, useRef, useState } from "react";
import { Button } from "@/ui/Button";
import { Sheet } from "@/ui/Sheet";
import { Photo } from "./Photo";
import styles from "./GuidedCamera.module.css";

interface Props {
  title: string;
  /** the same view at the last handover */
  earlier: readonly string[];
  alt: string;
  onTake: (picture: File) => void;
  onClose: () => void;
}

/** The earlier picture beside what the camera sees now: the same view is taken from the same spot. */
export function GuidedCamera({ title, earlier, alt, onTake, onClose }: Props) {
  const t = useTranslations("camera");
  const all = useTranslations("common");
  const video = useRef<HTMLVideoElement>(null);
  const [state, setState] = useState<"opening" | "seeing" | "refused">("opening");
  useEffect(() => {
    let stream: MediaStream | null = null;
    let gone = false;
    navigator.mediaDevices
      .getUserMedia({ video: { facingMode: "environment", width: { ideal: 1600 } } })
      .then(async (opened) => {
        stream = opened;
        if (gone || !video.current) return opened.getTracks().forEach((track) => track.stop());
        video.current.srcObject = opened;
        await video.current.play();
        setState("seeing");
      })
      .catch(() => !gone && setState("refused"));
    return () => {
      gone = true;
      stream?.getTracks().forEach((track) => track.stop());
    };
  }, []);
  const take = async () => {
    const seen = video.current;
    if (!seen) return;
    const canvas = new OffscreenCanvas(seen.videoWidth, seen.videoHeight);
    canvas.getContext("2d")?.drawImage(seen, 0, 0);
    onTake(
      new File([await canvas.convertToBlob({ type: "image/jpeg", quality: 0.95 })], "camera.jpg", {
        type: "image/jpeg",
        lastModified: Date.now(),
      }),
    );
  };
  return (
    <Sheet
      title={title}
      closeWord={all("close")}
      onClose={onClose}
      foot={
        <Button look="main" large disabled={state !== "seeing"} onClick={() => void take()}>
          {t("take")}
        </Button>
      }
    >
      <div className={styles.pair}>
        <figure>
          <div className={styles.frame}>
            {earlier[0] === undefined ? <p>{t("none")}</p> : <Photo hash={earlier[0]} alt={alt} />}
          </div>
          <figcaption>{t("earlier")}</figcaption>
        </figure>
        <figure>
          <div className={styles.frame}>
            <video ref={video} muted playsInline aria-label={t("now")} />
            {state !== "seeing" && <p role="status">{t(state)}</p>}
          </div>
          <figcaption>{t("now")}</figcaption>
        </figure>
      </div>
      <p>{t("same-spot")}</p>
    </Sheet>
  );
}
