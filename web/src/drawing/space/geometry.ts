import {
  BufferAttribute,
  Color,
  DoubleSide,
  FrontSide,
  MeshLambertMaterial,
  ShaderMaterial,
  Vector3,
  type BufferGeometry,
} from 'three';
import type { Mesh } from './mesh';

/** A dull stuff of that colour, as paper and thread are; shaded corner by corner unless said otherwise. */
export function material(colour: string, shaded = true): MeshLambertMaterial {
  return new MeshLambertMaterial({ color: colour, vertexColors: shaded, side: DoubleSide });
}

/** The light that goes with the eye: from its left, above and behind it. */
export const LIGHT = { from: [-0.9, 0.5, 1], to: [0, 0, -1], direct: 2, around: 1.25 } as const;

/**
 * The same dull stuff, its light worked out at corners instead of at every point: on what is flat that is no other, and a machine without
 * graphics draws thousands of slivers by it in half the time.
 */
export class Dull extends ShaderMaterial {
  readonly color: Color;

  constructor(colour: string) {
    const color = new Color(colour);
    const [from, to] = [new Vector3(...LIGHT.from), new Vector3(...LIGHT.to)];
    super({
      vertexColors: true,
      side: FrontSide,
      uniforms: { stuff: { value: color }, toLight: { value: from.sub(to).normalize() } },
      // a dull stuff gives back one part in pi of what falls on it to every side
      vertexShader: `
        uniform vec3 stuff;
        uniform vec3 toLight;
        varying vec3 seen;
        void main() {
          float lit = ${LIGHT.around.toFixed(4)} + ${LIGHT.direct.toFixed(4)} * max(0.0, dot(normalize(normalMatrix * normal), toLight));
          seen = pow(min(stuff * color.r * lit / ${Math.PI.toFixed(6)}, 1.0), vec3(1.0 / 2.2));
          gl_Position = projectionMatrix * modelViewMatrix * vec4(position, 1.0);
        }`,
      fragmentShader: `
        varying vec3 seen;
        void main() {
          gl_FragColor = vec4(seen, 1.0);
        }`,
    });
    this.color = color;
  }
}

/** How much thicker than it is something is drawn, mm on every side; what draws it keeps this true. */
export interface Thicker {
  value: number;
}

/** The same stuff on what is thin: thread would be less than a point of the screen wide, seen from afar. */
export function thickened(colour: string, thicker: Thicker): MeshLambertMaterial {
  const made = material(colour);
  made.onBeforeCompile = (shader) => {
    shader.uniforms.thicker = thicker;
    shader.vertexShader = `uniform float thicker;\n${shader.vertexShader}`.replace(
      '#include <begin_vertex>',
      'vec3 transformed = position + normal * thicker;',
    );
  };
  return made;
}

/** Puts a mesh into what the graphics hold, into the same place where it is as large as before. */
export function write(geometry: BufferGeometry, told: Mesh): void {
  const put = (there: BufferAttribute | null | undefined, values: Float32Array | Uint32Array, size: number) => {
    if (there?.array.length !== values.length) {
      return new BufferAttribute(values, size);
    }
    there.copyArray(values);
    there.needsUpdate = true;
    return there;
  };
  const corners = (name: string, values: Float32Array) =>
    geometry.setAttribute(
      name,
      put(geometry.hasAttribute(name) ? (geometry.getAttribute(name) as BufferAttribute) : null, values, 3),
    );
  corners('position', told.positions);
  corners('normal', told.normals);
  const shades = new Float32Array(3 * told.shades.length);
  told.shades.forEach((shade, i) => shades.fill(shade, 3 * i, 3 * i + 3));
  corners('color', shades);
  geometry.setIndex(put(geometry.index, told.indices, 1));
}
