import type { YachtFile } from "./schema";

/*
 * Rules of thumb for what a file may leave open. They are our own, from the dimensions of boats of five to twenty metres,
 * and each is told as a rule where it is used: a figure that somebody measured wins.
 */

type Particulars = YachtFile["particulars"];

const rounded = (value: number, step: number) => Math.round(value / step) * step;
const toCm = (value: number) => Math.round(value * 100) / 100;

/** From the water up to the bow roller: a tenth of the length, m. */
export const bowHeightM = ({ lengthM }: Particulars): number => toCm(rounded(0.1 * lengthM, 0.1));

/**
 * Area that the wind pulls on at anchor, with drag, m²: topsides and coach roof seen from ahead, as high as 0.13 of her
 * length over her beam, and mast and rigging as 25 cm over her air draught.
 */
export const dragAreaAirM2 = ({ lengthM, beamM, airDraughtM }: Particulars): number =>
  toCm(rounded(0.13 * lengthM * beamM + 0.25 * airDraughtM, 0.5));

/** The same of the current, m²: three hundredths of beam times draught, as her hull is faired. */
export const dragAreaWaterM2 = ({ beamM, draughtM }: Particulars): number => toCm(0.03 * beamM * draughtM);

/** What a metre of short-link chain weighs in air, kg: 0.0225 of the square of its diameter in millimetres. */
export const chainKgPerM = (diameterMm: number): number => toCm(0.0225 * diameterMm * diameterMm);

/** What a metre of the rope behind a chain weighs in air, kg: rope as thick as 1.6 chains, polyamide. */
export const ropeKgPerM = (diameterMm: number): number => toCm(0.00065 * (1.6 * diameterMm) ** 2);

/** How far a transducer lies below the surface where nobody measured it: a quarter of the draught, m. */
export const transducerM = ({ draughtM }: Particulars): number => toCm(rounded(draughtM / 4, 0.1));
