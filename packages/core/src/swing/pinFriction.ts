import { GRAVITY } from '../numbers/gravity';

/** A hinge pin; lengths in mm. */
export interface HingePin {
  diameterMm: number;
  /** Length of the barrel that bears on it: the height of the hinge. */
  barrelMm: number;
}

/** Pin of an ordinary 100 mm butt hinge (common practice, no source). */
export const USUAL_PIN: HingePin = { diameterMm: 6.4, barrelMm: 100 };

/** Steel on steel, neither dry nor well oiled, and how far that may be off (common practice, no source). */
const FRICTION = 0.2;
const FRICTION_SHARE_SD = 0.4;
/** Young's modulus and yield of mild steel, N/mm² (handbook values, from memory). */
const STEEL_MODULUS = 200_000;
const STEEL_YIELD = 250;
/** Slack of a pin in its knuckles, used up before a bend bears, mm (common practice, no source). */
const PIN_SLACK_MM = 0.15;

/** What is known of a friction torque, N·m. */
export interface FrictionTorque {
  meanNm: number;
  sdNm: number;
}

/**
 * Friction of the hinges as they carry the door: the pull of its weight on the end hinges, m·g·(w/2)/spacing each, on the
 * pins' radius, and the weight itself on the washers or knuckle ends, taken at the pins' diameter.
 *
 * Source: Coulomb friction on the forces of the hinge load; the coefficient is common practice.
 */
export function hingeFriction(massKg: number, slabWidthMm: number, spacingMm: number, pin: HingePin = USUAL_PIN): FrictionTorque {
  const weight = massKg * GRAVITY;
  const pull = (weight * slabWidthMm) / 2 / spacingMm;
  const meanNm = (FRICTION * (2 * pull * (pin.diameterMm / 2) + weight * pin.diameterMm)) / 1000;
  return { meanNm, sdNm: meanNm * FRICTION_SHARE_SD };
}

export interface PinBend {
  /** How far the pin's middle is set off its ends, mm. */
  bendMm: number;
  /** Friction one such pin adds, N·m. */
  addsNm: number;
}

/** Most friction one bent pin adds before it only yields further, N·m: a beam on its end knuckles, loaded at the middle. */
export function mostFromOnePin(pin: HingePin = USUAL_PIN): number {
  const yieldLoad = (4 * STEEL_YIELD * secondMoment(pin)) / ((pin.diameterMm / 2) * pin.barrelMm);
  return frictionOf(yieldLoad, pin);
}

/**
 * How far to bend a pin for so much more friction: the barrel presses it straight again with F = 48·E·I·δ/L³ at the middle and
 * half of that at each end, each rubbing at the pin's radius.
 *
 * Source: simply supported beam with a central load, any handbook of strength of materials; slack and friction common practice.
 */
export function bendFor(extraNm: number, pin: HingePin = USUAL_PIN): PinBend {
  const stiffness = (48 * STEEL_MODULUS * secondMoment(pin)) / pin.barrelMm ** 3;
  const load = (extraNm * 1000) / (FRICTION * 2 * (pin.diameterMm / 2));
  return { bendMm: PIN_SLACK_MM + load / stiffness, addsNm: extraNm };
}

function frictionOf(load: number, { diameterMm }: HingePin): number {
  return (FRICTION * 2 * load * (diameterMm / 2)) / 1000;
}

function secondMoment({ diameterMm }: HingePin): number {
  return (Math.PI * diameterMm ** 4) / 64;
}
