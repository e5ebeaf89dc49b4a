import { BufferAttribute, DoubleSide, MeshLambertMaterial, type BufferGeometry } from 'three';
import type { Mesh } from './mesh';

/** A dull stuff of that colour, as paper and thread are; shaded corner by corner unless said otherwise. */
export function material(colour: string, shaded = true): MeshLambertMaterial {
  return new MeshLambertMaterial({ color: colour, vertexColors: shaded, side: DoubleSide });
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
