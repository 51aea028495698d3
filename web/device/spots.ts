import Supercluster from 'supercluster'
import type { Coordinates } from '../contracts/view'

/** What lies on a map. */
export interface Spot extends Coordinates {
  id: number
  title: string
}

/** One pin: of a single one, or of several that would lie over each other. */
export interface Pin extends Coordinates {
  spots: Spot[]
  /** From this zoom on they lie apart; where even the deepest does not part them, one beyond it. */
  apart: number
}

/** Pins nearer to each other than this become one, in pixels. */
const NEAR = 44

/**
 * The pins of spots for each part of a map.
 *
 * @param most the deepest zoom
 */
export function pinsOf(spots: Spot[], most: number) {
  const index = new Supercluster<{ spot: Spot }>({ radius: NEAR, maxZoom: most, extent: 256 })
  index.load(
    spots.map((spot) => ({ type: 'Feature', properties: { spot }, geometry: { type: 'Point', coordinates: [spot.longitude, spot.latitude] } })),
  )
  return (west: number, south: number, east: number, north: number, zoom: number): Pin[] =>
    index.getClusters([west, south, east, north], Math.round(zoom)).map(({ geometry, properties }) => {
      const [longitude, latitude] = geometry.coordinates
      if (!('cluster' in properties)) return { longitude, latitude, spots: [properties.spot], apart: 0 }
      const leaves = index.getLeaves(properties.cluster_id, Infinity)
      return { longitude, latitude, spots: leaves.map((leaf) => leaf.properties.spot), apart: index.getClusterExpansionZoom(properties.cluster_id) }
    })
}
