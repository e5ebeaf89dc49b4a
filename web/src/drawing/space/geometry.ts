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
  const put = (name: string, values: Float32Array, size: number) => {
    const there = geometry.getAttribute(name) as BufferAttribute | undefined;
    if (there?.array.length === values.length) {
      there.copyArray(values);
      there.needsUpdate = true;
    } else {
      geometry.setAttribute(name, new BufferAttribute(values, size));
    }
  };
  put('position', told.positions, 3);
  put('normal', told.normals, 3);
  const shades = new Float32Array(3 * told.shades.length);
  told.shades.forEach((shade, i) => shades.fill(shade, 3 * i, 3 * i + 3));
  put('color', shades, 3);
  if (geometry.index?.array.length !== told.indices.length) {
    geometry.setIndex(new BufferAttribute(told.indices, 1));
  }
}
