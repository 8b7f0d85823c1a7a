// The piece standing, as solids of revolution that turn by drag and by keys, cut open on request.
import {
  AmbientLight, Box3, BufferGeometry, CanvasTexture, Color, DirectionalLight, DoubleSide,
  Float32BufferAttribute, Group, LatheGeometry, Mesh,
  MeshStandardMaterial, PerspectiveCamera, RepeatWrapping, Scene, Shape, ShapeGeometry, SRGBColorSpace,
  Vector2, Vector3, WebGLRenderer, Path,
} from "three";

const AROUND = 128;
const OPEN = 0.75;

const box = document.getElementById("standing");
const canvas = document.getElementById("standing-canvas");

// Grain along the axis: streaks that differ from piece to piece by no more than a seed.
function grain(seed) {
  const c = document.createElement("canvas");
  c.width = 512;
  c.height = 128;
  const g = c.getContext("2d");
  g.fillStyle = "#ffffff";
  g.fillRect(0, 0, 512, 128);
  let s = seed;
  const next = () => (s = (s * 16807) % 2147483647) / 2147483647;
  for (let i = 0; i < 420; i++) {
    g.fillStyle = `rgba(70, 40, 20, ${0.03 + 0.07 * next()})`;
    const y = next() * 128;
    g.fillRect(next() * 512, y, 0.6 + 1.6 * next(), 30 + 98 * next());
  }
  const t = new CanvasTexture(c);
  t.wrapS = t.wrapT = RepeatWrapping;
  t.colorSpace = SRGBColorSpace;
  return t;
}

// Light runs smoothly along a curve and breaks at a corner: an outline is cut there. What lies on the
// axis is no surface.
const CORNER = Math.cos((24 * Math.PI) / 180);
function runs(ring) {
  const p = ring.map(([z, r]) => new Vector2(Math.max(r, 0), z));
  const out = [];
  let run = [];
  for (let i = 1; i < p.length; i++) {
    const along = p[i].clone().sub(p[i - 1]);
    const axis = p[i].x < 1e-6 && p[i - 1].x < 1e-6;
    const before = run.length > 1 ? run[run.length - 1].clone().sub(run[run.length - 2]) : null;
    const turns = before && along.dot(before) < CORNER * along.length() * before.length();
    if (axis || turns) {
      if (run.length > 1) out.push(run);
      run = [];
    }
    if (axis) continue;
    if (!run.length) run.push(p[i - 1]);
    run.push(p[i]);
  }
  if (run.length > 1) out.push(run);
  return out;
}

// Boards that run through it along the axis lie between two planes: what is there takes their colour.
// Where a hole goes through from outside nothing is drawn.
function worked(material, { strips, holes }, colour) {
  if (!strips.length && !holes.length) return material;
  material.onBeforeCompile = (shader) => {
    shader.vertexShader = shader.vertexShader
      .replace("#include <common>", "#include <common>\nvarying vec3 vPlace;")
      .replace("#include <begin_vertex>", "#include <begin_vertex>\nvPlace = position;");
    const lines = strips.map((s, i) => {
      shader.uniforms[`stripe${i}`] = { value: new Color(colour(s)) };
      return `if (vPlace.x > ${s.from.toFixed(4)} && vPlace.x < ${s.to.toFixed(4)}) diffuseColor.rgb = stripe${i};`;
    });
    const gone = holes.map((h) => {
      const s = Math.sin(h.turn).toFixed(6);
      const c = Math.cos(h.turn).toFixed(6);
      return `if (vPlace.x * (${s}) + vPlace.z * (${c}) > 0.0 && length(vec2(vPlace.x * (${c}) - vPlace.z * (${s}), vPlace.y - (${h.z.toFixed(4)}))) < ${h.radius.toFixed(4)}) discard;`;
    });
    shader.fragmentShader = shader.fragmentShader
      .replace("#include <common>", `#include <common>\nvarying vec3 vPlace;\n${strips.map((_, i) => `uniform vec3 stripe${i};`).join("\n")}`)
      .replace("#include <map_fragment>", `${gone.concat(lines).join("\n")}\n#include <map_fragment>`);
  };
  material.customProgramCacheKey = () => JSON.stringify([strips.map((s) => [colour(s), s.from, s.to]), holes]);
  return material;
}

// The wall of a hole, from the hollow to the outside; none of it where the piece is cut away.
const ROUND = 48;
function bored(h, turn) {
  const at = (a, r) => {
    const beside = h.radius * Math.cos(a);
    const out = Math.sqrt(Math.max(0, r * r - beside * beside));
    const phi = h.turn + Math.atan2(beside, out);
    return { p: [r * Math.sin(phi), h.z + h.radius * Math.sin(a), r * Math.cos(phi)], phi: (phi + 2 * Math.PI) % (2 * Math.PI) };
  };
  const points = [];
  for (let k = 0; k < ROUND; k++) {
    const [a, b] = [k, k + 1].map((i) => (2 * Math.PI * i) / ROUND);
    const corners = [at(a, h.to), at(b, h.to), at(b, h.from), at(a, h.from)];
    if (corners.some((c) => c.phi > turn + 1e-6)) continue;
    for (const i of [0, 1, 2, 0, 2, 3]) points.push(...corners[i].p);
  }
  const g = new BufferGeometry();
  g.setAttribute("position", new Float32BufferAttribute(points, 3));
  g.computeVertexNormals();
  return g;
}

// The outline of a section runs with its wood on the left: outwards on the way, turned round the axis.
function solid(thing, open, texture) {
  const group = new Group();
  const turn = open ? 2 * Math.PI * OPEN : 2 * Math.PI;
  const skin = worked(new MeshStandardMaterial({
    color: new Color(thing.colour), map: texture, roughness: 0.55, metalness: 0, side: DoubleSide,
  }), thing, (s) => s.colour);
  for (const ring of thing.rings) {
    for (const run of runs(ring)) {
      group.add(new Mesh(new LatheGeometry(run, AROUND, 0, turn), skin));
    }
  }
  const wall = new MeshStandardMaterial({ color: new Color(thing.cut), roughness: 0.8, side: DoubleSide });
  for (const h of thing.holes) group.add(new Mesh(bored(h, turn), wall));
  if (open) {
    const cut = worked(
      new MeshStandardMaterial({ color: new Color(thing.cut), roughness: 0.8, side: DoubleSide }),
      thing, (s) => s.cut);
    for (const part of thing.areas) {
      const shape = new Shape(part[0].map(([z, r]) => new Vector2(r, z)));
      part.slice(1).forEach((hole) => shape.holes.push(new Path(hole.map(([z, r]) => new Vector2(r, z)))));
      for (const angle of [0, turn]) {
        // A lathe begins at the z axis and turns towards x.
        const face = new ShapeGeometry(shape).rotateY(angle - Math.PI / 2);
        group.add(new Mesh(face, cut));
      }
    }
  }
  return group;
}

function start(renderer) {
  const scene = new Scene();
  const camera = new PerspectiveCamera(32, 1, 1, 5000);
  const sun = new DirectionalLight(0xffffff, 2.4);
  sun.position.set(300, 500, 400);
  const fill = new DirectionalLight(0xffe8c8, 0.8);
  fill.position.set(-400, 200, 100);
  scene.add(new AmbientLight(0xffffff, 0.9), sun, fill);
  const piece = new Group();
  scene.add(piece);
  const texture = grain(Number(box.dataset.piece) + 17);
  const state = { turn: 0.6, tilt: 0.28, near: 1, open: false, off: false, things: [] };

  function draw() {
    const w = canvas.clientWidth;
    const h = canvas.clientHeight;
    renderer.setSize(w, h, false);
    camera.aspect = w / h;
    camera.updateProjectionMatrix();
    const size = new Box3().setFromObject(piece);
    if (!size.isEmpty()) {
      const middle = size.getCenter(new Vector3());
      const reach = size.getSize(new Vector3()).length() / 2;
      const far = (reach / Math.sin((camera.fov * Math.PI) / 360)) * 1.05 * state.near * Math.max(1, h / w);
      camera.position.set(0, middle.y + far * Math.sin(state.tilt), far * Math.cos(state.tilt));
      camera.lookAt(0, middle.y, 0);
    }
    piece.rotation.y = state.turn;
    renderer.render(scene, camera);
    canvas.dataset.pose = `${state.turn.toFixed(2)} ${state.tilt.toFixed(2)} ${state.near.toFixed(2)}`;
    canvas.dataset.drawn = String(state.things.length);
  }

  function build() {
    piece.clear();
    const whole = state.things.filter((t) => !t.lifts);
    const top = Math.max(0, ...whole.flatMap((t) => t.rings.flat().map(([z]) => z)));
    for (const t of state.things) {
      const g = solid(t, state.open, texture);
      if (t.lifts && state.off) g.position.y = top * 0.35 + 12;
      piece.add(g);
    }
    draw();
  }

  async function load(step) {
    const answer = await fetch(`/pieces/${box.dataset.piece}/standing.json?step=${step}`);
    if (!answer.ok) return;
    state.things = (await answer.json()).things;
    build();
  }

  let last = null;
  canvas.addEventListener("pointerdown", (e) => { last = e; canvas.setPointerCapture(e.pointerId); });
  canvas.addEventListener("pointerup", () => { last = null; });
  canvas.addEventListener("pointermove", (e) => {
    if (!last) return;
    state.turn += (e.clientX - last.clientX) * 0.01;
    state.tilt = Math.max(-1.4, Math.min(1.4, state.tilt + (e.clientY - last.clientY) * 0.008));
    last = e;
    draw();
  });
  canvas.addEventListener("keydown", (e) => {
    const by = { ArrowLeft: [-0.15, 0], ArrowRight: [0.15, 0], ArrowUp: [0, 0.1], ArrowDown: [0, -0.1] }[e.key];
    if (by) {
      state.turn += by[0];
      state.tilt = Math.max(-1.4, Math.min(1.4, state.tilt + by[1]));
    } else if (e.key === "+" || e.key === "=") state.near *= 0.9;
    else if (e.key === "-") state.near *= 1.1;
    else return;
    e.preventDefault();
    draw();
  });
  const toggle = (id, what) => {
    const b = document.getElementById(id);
    b?.addEventListener("click", () => {
      state[what] = !state[what];
      b.setAttribute("aria-pressed", String(state[what]));
      build();
    });
  };
  toggle("standing-open", "open");
  toggle("standing-off", "off");
  const scrub = document.getElementById("standing-step");
  const said = document.getElementById("standing-said");
  scrub?.addEventListener("input", () => {
    said.textContent = scrub.dataset.names.split("|")[Number(scrub.value)];
  });
  scrub?.addEventListener("change", () => load(Number(scrub.value)));
  new ResizeObserver(draw).observe(canvas);
  load(scrub ? Number(scrub.value) : -1);
}

try {
  const renderer = new WebGLRenderer({ canvas, antialias: true, alpha: true });
  renderer.setPixelRatio(Math.min(2, window.devicePixelRatio));
  box.querySelectorAll("[data-solid]").forEach((e) => { e.hidden = false; });
  box.querySelector(".standing-outside").hidden = true;
  start(renderer);
} catch {
  // Without WebGL the view from outside stays.
  box.querySelectorAll("[data-solid]").forEach((e) => { e.hidden = true; });
  box.querySelector(".standing-outside").hidden = false;
}
