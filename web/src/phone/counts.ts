import type { Schemas } from '../api/client'
import { consider, upload } from '../farm/data'
import { pixelsOf } from '../pictures/shrink'
import { hereOrThere } from './ask'

/*
 * Counts at the field's edge: by the core on this phone, with a signal or without; by the server's doors
 * of the same names where it does not run.
 */
type Scale = Schemas['ScaleChoice']

export const standCount = (body: Schemas['StandCountQuestion']) =>
  hereOrThere<Schemas['StandCount']>(
    'stand',
    [body.counts, body.frameM2, body.liveSeedsPerM2 ?? NaN, body.confidence],
    () => consider('/api/bench/stand-count', { body }),
  )

export const killCount = (body: Schemas['KillQuestion']) =>
  hereOrThere<Schemas['KillCount']>(
    'kill',
    [body.frames.map((f) => f.before), body.frames.map((f) => f.after), body.confidence],
    () => consider('/api/bench/kill', { body }),
  )

export const mulchSample = (body: Schemas['MulchQuestion']) =>
  hereOrThere<Schemas['MulchSample']>(
    'mulch',
    [
      body.samples.map((s) => s.wetKg),
      body.samples.map((s) => s.frameM2),
      body.dryMatterFraction,
      body.targetMgPerHa ?? 0,
      body.confidence,
    ],
    () => consider('/api/bench/mulch', { body }),
  )

/** @param scale stages of the species that is looked at */
export const floweringCount = (body: Schemas['FloweringQuestion'], scale: Scale) =>
  hereOrThere<Schemas['FloweringAnswer']>(
    'flowering',
    [
      body.stops.map((s) => s.heads),
      body.stops.map((s) => s.flowering),
      body.target,
      body.riskTooEarly,
      body.riskTooLate,
      body.maxStops,
      scale.cereal,
      scale.stages.map((s) => s.name),
      scale.stages.map((s) => s.fraction),
      body.look ?? '',
    ],
    () => consider('/api/bench/flowering', { body }),
  )

/** Whether a rating of weeds in a crop asks for a rescue; nobody knows where the core does not run. */
export const weedsSeen = (of10: number) =>
  hereOrThere<{ rescue: boolean }>('weeds', [of10], () => Promise.resolve({ rescue: false }))

/** Ground under green leaves in a picture taken straight down. */
export const greenCover = async (picture: Blob) =>
  hereOrThere<Pick<Schemas['CoverAnswer'], 'cover'>>('green', [await pixelsOf(picture)], () =>
    upload('/api/bench/green-cover', new File([picture], 'down.jpg', { type: 'image/jpeg' })),
  )
