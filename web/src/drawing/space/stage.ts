import { AmbientLight, DirectionalLight, PerspectiveCamera, Scene, Vector3, WebGLRenderer } from 'three';
import { distance, eye, inSpace, type Look } from './camera';
import { LIGHT } from './geometry';
import type { Model } from './model';

const FIELD = 28;
/** Thread is drawn so many points of the screen wide at the least. */
const LEAST_POINTS = 2.2;
const ROOMY = 1.2;
/** Slower than this, ms for a picture, and it is drawn with fewer points. */
const SLOW_MS = 33;
/** Points of the picture for one of the screen: of a movement on a slow machine, and of what rests where software draws without smoothing. */
const COARSE = 0.5;
const SOFT_FINE = 2;
/** A camera that turns shows so many pictures before it is told whether that is slow. */
const TRIED = 4;

/** Where a model is drawn: a canvas, a light, an eye. */
export class Stage {
  private readonly renderer: WebGLRenderer;
  private readonly scene = new Scene();
  private readonly camera = new PerspectiveCamera(FIELD, 1, 1, 10_000);
  private size: [number, number] = [1, 1];
  private readonly fine: number;
  /** Whether movements are drawn coarser, for this machine is slow at them. */
  private slow: boolean;
  private coarse = false;
  private spent: number[] = [];

  /** @throws Error where the browser draws nothing in space */
  constructor(
    canvas: HTMLCanvasElement,
    private readonly model: Model,
  ) {
    const soft = drawnBySoftware();
    const context = canvas.getContext('webgl2', { antialias: !soft, alpha: true });
    if (!context) {
      throw new Error('This browser draws nothing in space');
    }
    this.renderer = new WebGLRenderer({ canvas, context, alpha: true });
    this.slow = soft;
    this.fine = soft ? SOFT_FINE : Math.min(window.devicePixelRatio || 1, 2);
    this.renderer.localClippingEnabled = true;
    this.scene.add(model.group, new AmbientLight('#fff', LIGHT.around));
    const light = new DirectionalLight('#fff', LIGHT.direct);
    light.position.set(...LIGHT.from);
    this.camera.add(light, light.target);
    light.target.position.set(...LIGHT.to);
    this.scene.add(this.camera);
    this.camera.up.set(-1, 0, 0);
  }

  resize(width: number, height: number): void {
    this.size = [width, height];
    this.renderer.setPixelRatio(this.coarse ? COARSE : this.fine);
    this.renderer.setSize(width, height, false);
    this.camera.aspect = width / height;
    this.camera.updateProjectionMatrix();
  }

  /** Draws it; a machine that is slow at that draws it coarser from then on while it moves. */
  show(look: Look, moving: boolean): void {
    const [wide, high] = this.size;
    // a wide room lets it come nearer: a ball that holds it is higher than it is
    const room = Math.min(ROOMY, Math.max(1, wide / high / ROOMY));
    const far = distance(this.model.radius, FIELD, wide, high) / (look.near * room);
    const pointMm = (2 * far * Math.tan((FIELD * Math.PI) / 360)) / high;
    this.model.atLeast(pointMm * LEAST_POINTS);
    const middle = new Vector3(...inSpace(this.model.middle));
    this.camera.position.copy(middle).add(new Vector3(...inSpace(eye(look, far))));
    this.camera.near = Math.max(1, far - 3 * this.model.radius);
    this.camera.far = far + 3 * this.model.radius;
    this.camera.updateProjectionMatrix();
    this.camera.lookAt(middle);
    const coarse = moving && this.slow;
    if (coarse !== this.coarse) {
      this.coarse = coarse;
      this.model.fine(!coarse);
      this.resize(...this.size);
    }
    const begun = performance.now();
    this.renderer.render(this.scene, this.camera);
    if (moving) {
      this.coarser(begun);
    }
  }

  /** Of the last pictures of a movement, ms from one to the next. */
  private coarser(now: number): void {
    this.spent.push(now);
    if (this.spent.length > TRIED) {
      this.slow ||= (now - this.spent[0]!) / TRIED > SLOW_MS;
      this.spent = [];
    }
  }

  /** A pause is no slow picture. */
  rested(): void {
    this.spent = [];
  }

  dispose(): void {
    this.model.dispose();
    this.renderer.dispose();
    // a canvas that stays is drawn on again
    if (!this.renderer.domElement.isConnected) {
      this.renderer.forceContextLoss();
    }
  }
}

/** Whether no graphics hardware draws: then smoothing costs more than drawing larger does. */
function drawnBySoftware(): boolean {
  const probe = document.createElement('canvas').getContext('webgl2');
  const info = probe?.getExtension('WEBGL_debug_renderer_info');
  const name: unknown = info && probe?.getParameter(info.UNMASKED_RENDERER_WEBGL);
  probe?.getExtension('WEBGL_lose_context')?.loseContext();
  return typeof name === 'string' && /swiftshader|llvmpipe|softpipe|software/i.test(name);
}
