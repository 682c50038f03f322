/**
 * The one finite-volume kernel, for heat and for salt: adds to `content` what flows through the faces of each cell.
 *
 * Faces carry one conductance, shared by the two cells they part, so what leaves one cell enters the next and the
 * sum is conserved to rounding. Conductances towards cells outside the solid are zero. No allocation.
 */

/** Conductance of the face between a cell and its next neighbour along x, y and z. */
export interface FaceConductances {
  readonly x: Float64Array;
  readonly y: Float64Array;
  readonly z: Float64Array;
}

/**
 * content[c] += factor · Σ_faces g · (potential[neighbour] − potential[c])
 * @param content what is stored, per volume (J/m³ for heat)
 * @param potential what drives the flow (°C for heat)
 * @param runs start and end (exclusive) of unbroken runs of cells along x
 * @param strideY,strideZ cells from one row or layer to the next
 * @param factor time step over cell volume, s/m³
 */
export function conduct(
  content: Float64Array,
  potential: Float64Array,
  faces: FaceConductances,
  runs: Int32Array,
  strideY: number,
  strideZ: number,
  factor: number,
): void {
  const { x: gx, y: gy, z: gz } = faces;
  for (let r = 0; r < runs.length; r += 2) {
    const start = runs[r] as number;
    const end = runs[r + 1] as number;
    let here = potential[start] as number;
    let fromLeft = (gx[start - 1] as number) * ((potential[start - 1] as number) - here);
    for (let c = start; c < end; c++) {
      const next = potential[c + 1] as number;
      const toRight = (gx[c] as number) * (here - next);
      const net =
        fromLeft -
        toRight +
        (gy[c] as number) * ((potential[c + strideY] as number) - here) +
        (gy[c - strideY] as number) * ((potential[c - strideY] as number) - here) +
        (gz[c] as number) * ((potential[c + strideZ] as number) - here) +
        (gz[c - strideZ] as number) * ((potential[c - strideZ] as number) - here);
      content[c] = (content[c] as number) + factor * net;
      fromLeft = toRight;
      here = next;
    }
  }
}

/**
 * Conductance of every face (two half cells in series), and of all faces of a cell together. Conductivity is zero outside
 * the solid, so faces to nothing come out as zero by themselves; cells come in the order of their rows and layers, so
 * that those behind have their faces already.
 * @param conductivity W/mK
 * @param total of each cell's six faces
 * @param twiceSizeM two edges of a cell
 */
export function joinCells(
  conductivity: Float64Array,
  faces: FaceConductances,
  total: Float64Array,
  runs: Int32Array,
  strideY: number,
  strideZ: number,
  twiceSizeM: number,
): void {
  const { x: gx, y: gy, z: gz } = faces;
  for (let r = 0; r < runs.length; r += 2) {
    const end = runs[r + 1] as number;
    for (let c = runs[r] as number; c < end; c++) {
      const here = conductivity[c] as number;
      const x = conductivity[c + 1] as number;
      const y = conductivity[c + strideY] as number;
      const z = conductivity[c + strideZ] as number;
      const twice = twiceSizeM * here;
      const towardsX = (twice * x) / (here + x);
      const towardsY = (twice * y) / (here + y);
      const towardsZ = (twice * z) / (here + z);
      gx[c] = towardsX;
      gy[c] = towardsY;
      gz[c] = towardsZ;
      const behind = (gx[c - 1] as number) + (gy[c - strideY] as number) + (gz[c - strideZ] as number);
      total[c] = towardsX + towardsY + towardsZ + behind;
    }
  }
}

/**
 * to[c] = from[c] + factor · perContent[c] · Σ_faces g · (from[neighbour] − from[c]): {@link conduct} for as long as
 * what a cell holds goes straight with its temperature, without a look at what it holds.
 * @param perContent K per J/m³
 */
export function spread(
  to: Float64Array,
  from: Float64Array,
  perContent: Float64Array,
  faces: FaceConductances,
  runs: Int32Array,
  strideY: number,
  strideZ: number,
  factor: number,
): void {
  for (let r = 0; r < runs.length; r += 2) {
    const end = runs[r + 1] as number;
    for (let c = runs[r] as number; c < end; c++) to[c] = 0;
  }
  conduct(to, from, faces, runs, strideY, strideZ, factor);
  for (let r = 0; r < runs.length; r += 2) {
    const end = runs[r + 1] as number;
    for (let c = runs[r] as number; c < end; c++) {
      to[c] = (from[c] as number) + (to[c] as number) * (perContent[c] as number);
    }
  }
}

/** content[c] += (to[c] − from[c]) / perContent[c]: what cells hold after several times {@link spread}. */
export function settle(
  content: Float64Array,
  to: Float64Array,
  from: Float64Array,
  perContent: Float64Array,
  runs: Int32Array,
): void {
  for (let r = 0; r < runs.length; r += 2) {
    const end = runs[r + 1] as number;
    for (let c = runs[r] as number; c < end; c++) {
      const gain = (to[c] as number) - (from[c] as number);
      content[c] = (content[c] as number) + gain / (perContent[c] as number);
    }
  }
}

/** to[c] = from[c] over the runs. */
export function mark(to: Float64Array, from: Float64Array, runs: Int32Array): void {
  for (let r = 0; r < runs.length; r += 2) {
    const end = runs[r + 1] as number;
    for (let c = runs[r] as number; c < end; c++) to[c] = from[c] as number;
  }
}

/** Index of the least value over the runs; −1 where there is none. */
export function coldest(temperature: Float64Array, runs: Int32Array): number {
  let best = -1;
  let least = Number.POSITIVE_INFINITY;
  for (let r = 0; r < runs.length; r += 2) {
    const end = runs[r + 1] as number;
    for (let c = runs[r] as number; c < end; c++) {
      if ((temperature[c] as number) < least) {
        least = temperature[c] as number;
        best = c;
      }
    }
  }
  return best;
}
