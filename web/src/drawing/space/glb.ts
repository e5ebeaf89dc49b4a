import { Mesh, MeshStandardMaterial, type MeshLambertMaterial } from 'three';
import { GLTFExporter } from 'three/addons/exporters/GLTFExporter.js';
import type { Model } from './model';

const METRES = 0.001;

/** The book as a binary glTF file, in metres as that format has it; stuffs are dull. */
export async function glb(model: Model): Promise<ArrayBuffer> {
  const copy = model.group.clone();
  copy.scale.multiplyScalar(METRES);
  copy.traverse((one) => {
    if (one instanceof Mesh) {
      const { color, vertexColors, opacity, transparent, side } = one.material as MeshLambertMaterial;
      one.material = new MeshStandardMaterial({ color, vertexColors, opacity, transparent, side, roughness: 1 });
    }
  });
  const made = await new GLTFExporter().parseAsync(copy, { binary: true, onlyVisible: true });
  if (!(made instanceof ArrayBuffer)) {
    throw new Error('A binary file was asked for; JSON came');
  }
  return made;
}
