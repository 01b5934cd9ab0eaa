import * as THREE from 'three';
import { OrbitControls } from 'three/examples/jsm/controls/OrbitControls.js';
import type { SpaceSlice } from '../../contracts/layout';
import type { RoofSlice, SpacePoint } from '../../contracts/roof';
import type { Pick } from '../../job/PickContext';
import { metalOf } from './metalColours';
import { bodyOf, extentOf, normalOf, panelAt, seamsOf, surfacesOf, type Surface } from './spaceModel';

/** Where one looks from: compass bearing clockwise from north, degrees above the level. */
export interface Seen {
    bearing: number;
    above: number;
}

const colour = (name: string) =>
    new THREE.Color(getComputedStyle(document.documentElement).getPropertyValue(`--${name}`).trim() || '#888888');

/** What three.js needs to know, kept out of React's way. */
export class RoofScene {
    private readonly renderer: THREE.WebGLRenderer;
    private readonly scene = new THREE.Scene();
    private readonly camera = new THREE.PerspectiveCamera(32, 1, 1, 100_000);
    private readonly controls: OrbitControls;
    private readonly watch: ResizeObserver;
    private model = new THREE.Group();
    private slice: RoofSlice | null = null;
    private space: SpaceSlice | undefined;
    private chosen: THREE.Mesh | null = null;
    private due = 0;
    private middle = new THREE.Vector3();
    private radius = 0;
    private pressed: [number, number] | null = null;
    private seen: Seen = { bearing: -1, above: -1 };

    constructor(
        private readonly box: HTMLDivElement,
        private readonly onPick: (pick: Pick | null) => void,
        private readonly onSeen: (seen: Seen) => void,
    ) {
        this.renderer = new THREE.WebGLRenderer({ antialias: true, alpha: true });
        this.renderer.setPixelRatio(Math.min(2, window.devicePixelRatio));
        this.renderer.domElement.style.cssText = 'position:absolute;inset:0;width:100%;height:100%;display:block';
        box.appendChild(this.renderer.domElement);
        this.camera.up.set(0, 0, 1);
        this.controls = new OrbitControls(this.camera, this.renderer.domElement);
        this.controls.maxPolarAngle = Math.PI / 2 - 0.02;
        this.controls.addEventListener('change', () => this.soon());
        this.scene.add(new THREE.HemisphereLight(0xffffff, 0xb8b2a4, 1.9));
        const sun = new THREE.DirectionalLight(0xffffff, 1.5);
        sun.position.set(-0.5, -0.8, 1);
        this.scene.add(sun, this.model);
        this.renderer.domElement.addEventListener('pointerdown', (event) => {
            this.pressed = [event.clientX, event.clientY];
        });
        this.renderer.domElement.addEventListener('pointerup', (event) => this.tap(event));
        this.watch = new ResizeObserver(() => this.fit());
        this.watch.observe(box);
    }

    show(slice: RoofSlice, space: SpaceSlice | undefined) {
        if (slice === this.slice && space === this.space) return;
        this.slice = slice;
        this.space = space;
        this.chosen = null;
        this.scene.remove(this.model);
        this.model = new THREE.Group();
        const surfaces = surfacesOf(slice);
        const extent = extentOf(surfaces);
        this.middle.set(...extent.middle);
        for (const one of surfaces) this.model.add(this.mesh(one));
        for (const edge of slice.edges) {
            const line = new THREE.Line(
                new THREE.BufferGeometry().setFromPoints(
                    edge.plan.map(([x, y], i) => new THREE.Vector3(x, y, edge.heights[i] + 0.6)),
                ),
                new THREE.LineBasicMaterial({ color: colour('ink') }),
            );
            line.userData = { pick: { kind: 'edge', id: edge.id } };
            this.model.add(line);
        }
        if (space) this.model.add(this.seams(space), ...this.openings(space));
        this.scene.add(this.model);
        if (this.radius === 0 || Math.abs(extent.radius / this.radius - 1) > 0.25) {
            this.radius = extent.radius;
            this.front();
        }
        this.fit();
    }

    mark(pick: Pick | null) {
        for (const one of this.model.children) {
            const own = one.userData.pick as Pick | undefined;
            const chosen = own !== undefined && pick !== null && isOf(own, pick);
            if (one instanceof THREE.Mesh && own)
                (one.material as THREE.MeshPhongMaterial).color.copy(
                    chosen && !pick?.panel ? colour('chalk') : this.metal(),
                );
            if (one instanceof THREE.Line)
                (one.material as THREE.LineBasicMaterial).color.copy(colour(chosen ? 'chalk' : 'ink'));
        }
        this.markPanel(pick?.panel);
        this.draw();
    }

    /** The picked piece, laid over its face. */
    private markPanel(id: string | undefined) {
        if (this.chosen) this.model.remove(this.chosen);
        this.chosen = null;
        const panel = this.space?.faces.flatMap((face) => face.panels).find((one) => one.id === id);
        if (!panel) return;
        this.chosen = this.mesh({ id: panel.id, face: null, loops: [panel.loop] });
        const material = this.chosen.material as THREE.MeshPhongMaterial;
        material.color.copy(colour('chalk'));
        // Before its face, which lies in the same plane.
        material.polygonOffsetFactor = -1;
        material.polygonOffsetUnits = -1;
        this.model.add(this.chosen);
    }

    private metal(): THREE.Color {
        return new THREE.Color(metalOf(this.space?.metal) ?? colour('metal'));
    }

    /** All seams and ribs in one piece: a roof of a thousand panels turns as one of ten. */
    private seams(space: SpaceSlice): THREE.Mesh {
        const geometry = new THREE.BufferGeometry();
        geometry.setAttribute('position', new THREE.Float32BufferAttribute(seamsOf(space, this.slice as RoofSlice), 3));
        geometry.computeVertexNormals();
        return new THREE.Mesh(
            geometry,
            new THREE.MeshLambertMaterial({ color: this.metal().multiplyScalar(0.62), side: THREE.DoubleSide }),
        );
    }

    private openings(space: SpaceSlice): THREE.Mesh[] {
        return space.faces.flatMap((face) =>
            face.openings.map((opening) => {
                const geometry = new THREE.BufferGeometry();
                geometry.setAttribute('position', new THREE.Float32BufferAttribute(bodyOf(opening), 3));
                geometry.computeVertexNormals();
                return new THREE.Mesh(
                    geometry,
                    new THREE.MeshLambertMaterial({ color: colour('muted'), side: THREE.DoubleSide }),
                );
            }),
        );
    }

    turn(degrees: number, down: number) {
        const place = new THREE.Spherical().setFromVector3(
            this.camera.position
                .clone()
                .sub(this.controls.target)
                .applyAxisAngle(new THREE.Vector3(1, 0, 0), -Math.PI / 2),
        );
        place.theta += (degrees * Math.PI) / 180;
        place.phi = Math.min(Math.PI / 2 - 0.03, Math.max(0.05, place.phi + (down * Math.PI) / 180));
        this.camera.position
            .setFromSpherical(place)
            .applyAxisAngle(new THREE.Vector3(1, 0, 0), Math.PI / 2)
            .add(this.controls.target);
        this.controls.update();
        this.draw();
    }

    nearer(by: number) {
        this.camera.position.sub(this.controls.target).multiplyScalar(by).add(this.controls.target);
        this.controls.update();
        this.draw();
    }

    /** From the south-west, a little from above. */
    front() {
        const far = this.radius * 2.6;
        this.controls.target.copy(this.middle);
        this.camera.position
            .copy(this.middle)
            .add(new THREE.Vector3(-0.55, -0.78, 0.52).normalize().multiplyScalar(far));
        this.controls.update();
        this.draw();
    }

    close() {
        cancelAnimationFrame(this.due);
        this.watch.disconnect();
        this.controls.dispose();
        this.renderer.dispose();
        this.renderer.domElement.remove();
    }

    private mesh(surface: Surface): THREE.Mesh {
        // Flat loops are cut into triangles in their own plane.
        const normal = new THREE.Vector3(...normalOf(surface.loops[0]));
        const across =
            Math.abs(normal.z) > 0.999
                ? new THREE.Vector3(1, 0, 0)
                : new THREE.Vector3(0, 0, 1).cross(normal).normalize();
        const up = normal.clone().cross(across);
        const flat = (loop: SpacePoint[]) =>
            loop.map((point) => {
                const p = new THREE.Vector3(...point);
                return new THREE.Vector2(p.dot(across), p.dot(up));
            });
        const triangles = THREE.ShapeUtils.triangulateShape(flat(surface.loops[0]), surface.loops.slice(1).map(flat));
        const geometry = new THREE.BufferGeometry();
        geometry.setAttribute('position', new THREE.Float32BufferAttribute(surface.loops.flat().flat(), 3));
        geometry.setIndex(triangles.flat());
        geometry.computeVertexNormals();
        const mesh = new THREE.Mesh(
            geometry,
            new THREE.MeshPhongMaterial({
                color: surface.face === null ? colour('rule') : this.metal(),
                specular: new THREE.Color(surface.face === null ? 0x000000 : 0x555555),
                shininess: 24,
                side: THREE.DoubleSide,
                polygonOffset: true,
                polygonOffsetFactor: 1,
                polygonOffsetUnits: 1,
            }),
        );
        if (surface.face !== null) mesh.userData = { pick: { kind: 'face', id: surface.face } };
        return mesh;
    }

    private tap(event: PointerEvent) {
        const at = this.pressed;
        this.pressed = null;
        if (!at || Math.hypot(event.clientX - at[0], event.clientY - at[1]) > 5) return;
        const rect = this.renderer.domElement.getBoundingClientRect();
        const ray = new THREE.Raycaster();
        ray.params.Line.threshold = this.radius * 0.012;
        ray.setFromCamera(
            new THREE.Vector2(
                ((event.clientX - rect.left) / rect.width) * 2 - 1,
                1 - ((event.clientY - rect.top) / rect.height) * 2,
            ),
            this.camera,
        );
        const hits = ray.intersectObjects(this.model.children, false);
        const nearest = hits[0];
        // A line lies on its faces: within its reach it goes first.
        const line = hits.find(
            (hit) => hit.object instanceof THREE.Line && hit.distance < nearest.distance + this.radius * 0.03,
        );
        const hit = line ?? hits.find(({ object }) => object.userData.pick !== undefined);
        const pick = (hit?.object.userData.pick as Pick | undefined) ?? null;
        const panel = pick?.kind === 'face' && hit && this.space ? panelAt(this.space, pick.id, hit.point) : undefined;
        this.onPick(pick && panel ? { ...pick, panel } : pick);
    }

    private fit() {
        const [width, height] = [Math.max(1, this.box.clientWidth), Math.max(1, this.box.clientHeight)];
        this.renderer.setSize(width, height, false);
        this.camera.aspect = width / height;
        this.camera.updateProjectionMatrix();
        this.draw();
    }

    /** Once a frame, however often a hand moves. */
    private soon() {
        if (this.due === 0) this.due = requestAnimationFrame(() => this.draw());
    }

    private draw() {
        cancelAnimationFrame(this.due);
        this.due = 0;
        this.renderer.render(this.scene, this.camera);
        const [x, y, z] = this.camera.position.clone().sub(this.controls.target).toArray();
        const degrees = (radians: number) => Math.round((radians * 180) / Math.PI);
        const seen = {
            bearing: (degrees(Math.atan2(x, y)) + 360) % 360,
            above: degrees(Math.atan2(z, Math.hypot(x, y))),
        };
        if (seen.bearing === this.seen.bearing && seen.above === this.seen.above) return;
        this.seen = seen;
        // Told after the picture is on screen.
        setTimeout(() => this.onSeen(seen));
    }
}

/** Whether something is what was picked, or a face of the block that was. */
const isOf = (own: Pick, pick: Pick): boolean =>
    (own.kind === pick.kind && own.id === pick.id) ||
    (pick.kind === 'block' && own.kind === 'face' && own.id.startsWith(`${pick.id}.`));
