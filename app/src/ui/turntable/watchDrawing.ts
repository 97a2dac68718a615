import type { WebGLRenderer } from 'three';
import type { DrawnHere } from './paceDrawing';

/** Draws in a browser, and asks the graphics card when it is through: what was asked of it is only queued. */
export function watchDrawing(renderer: WebGLRenderer, render: (scale: number) => void): DrawnHere {
  const gl = renderer.getContext() as WebGL2RenderingContext;
  let fence: WebGLSync | null = null;
  return {
    draw: (scale) => {
      render(scale);
      if (fence) gl.deleteSync(fence);
      // A context that was lost gives none: then there is nothing to wait for.
      fence = gl.fenceSync(gl.SYNC_GPU_COMMANDS_COMPLETE, 0);
      gl.flush();
    },
    isDrawn: () => fence === null || gl.clientWaitSync(fence, 0, 0) !== gl.TIMEOUT_EXPIRED,
    now: () => performance.now(),
    nextFrame: (run) => requestAnimationFrame(run),
    dropFrame: (frame) => cancelAnimationFrame(frame),
    later: (run, ms) => window.setTimeout(run, ms),
    dropLater: (timer) => clearTimeout(timer),
  };
}
