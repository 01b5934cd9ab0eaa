import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { RoofSlice, SpacePoint } from '../../contracts/roof';
import { useSize } from '../../deck/useFrame';
import type { Pick } from '../../job/PickContext';
import { extentOf, normalOf, surfacesOf } from './spaceModel';

const CORNERS = ['south-west', 'south-east', 'north-east', 'north-west'] as const;
const LIGHT: SpacePoint = [-0.45, -0.65, 0.61];

/** A still picture of the roof from one of four corners; needs nothing but a screen. */
export function RoofStill({
    slice,
    pick,
    onPick,
}: {
    slice: RoofSlice;
    pick: Pick | null;
    onPick: (pick: Pick) => void;
}) {
    const { t } = useTranslation();
    const { box, size } = useSize();
    const [corner, setCorner] = useState<(typeof CORNERS)[number]>('south-west');
    const surfaces = surfacesOf(slice);
    const { middle, radius } = extentOf(surfaces);
    const azimuth = { 'south-west': 225, 'south-east': 315, 'north-east': 45, 'north-west': 135 }[corner];
    const turn = (azimuth * Math.PI) / 180;
    const scale = Math.max(0.01, Math.min(size[0] / (2 * radius), size[1] / (1.5 * radius)) * 0.94);
    // Seen from the corner, tilted down by 35 degrees.
    const [sin, cos] = [Math.sin((35 * Math.PI) / 180), Math.cos((35 * Math.PI) / 180)];
    const look = ([x, y, z]: SpacePoint) => {
        const [dx, dy, dz] = [x - middle[0], y - middle[1], z - middle[2]];
        const right = -dx * Math.sin(turn) + dy * Math.cos(turn);
        const near = dx * Math.cos(turn) + dy * Math.sin(turn);
        return {
            x: size[0] / 2 + right * scale,
            y: size[1] / 2 - (dz * cos - near * sin) * scale,
            depth: near * cos + dz * sin,
        };
    };
    const drawn = surfaces
        .map((surface) => ({
            ...surface,
            depth: surface.loops[0].reduce((sum, point) => sum + look(point).depth, 0) / surface.loops[0].length,
            normal: normalOf(surface.loops[0]),
        }))
        .sort((a, b) => Number(a.face !== null) - Number(b.face !== null) || a.depth - b.depth);
    return (
        <>
            <div className="rowed" role="group" aria-label={t('roof.seen-from')} style={{ marginTop: 8 }}>
                {CORNERS.map((one) => (
                    <button
                        key={one}
                        type="button"
                        className="chip"
                        aria-pressed={one === corner}
                        onClick={() => setCorner(one)}
                    >
                        {t(`roof.from.${one}`)}
                    </button>
                ))}
            </div>
            <div className="drawing" ref={box}>
                <svg
                    viewBox={`0 0 ${size[0]} ${size[1]}`}
                    role="group"
                    aria-label={t('roof.still', { corner: t(`roof.from.${corner}`) })}
                >
                    {drawn.map((one) => {
                        const shade = Math.max(
                            0,
                            one.normal[0] * LIGHT[0] + one.normal[1] * LIGHT[1] + one.normal[2] * LIGHT[2],
                        );
                        const chosen =
                            one.face !== null &&
                            ((pick?.kind === 'face' && pick.id === one.face) ||
                                (pick?.kind === 'block' && one.face.startsWith(`${pick.id}.`)));
                        const path = one.loops
                            .map(
                                (loop) =>
                                    `M${loop
                                        .map((point) => {
                                            const at = look(point);
                                            return `${at.x.toFixed(1)} ${at.y.toFixed(1)}`;
                                        })
                                        .join(' L')} Z`,
                            )
                            .join(' ');
                        return (
                            <path
                                key={one.id}
                                d={path}
                                fillRule="evenodd"
                                fill={
                                    one.face === null
                                        ? 'color-mix(in srgb, var(--rule) 55%, var(--ground))'
                                        : chosen
                                          ? 'var(--actionTint)'
                                          : `color-mix(in srgb, var(--seam) ${Math.round((1 - shade) * 55)}%, var(--metal))`
                                }
                                stroke="var(--ink)"
                                strokeWidth={one.face === null ? 0.6 : 1.4}
                                strokeLinejoin="round"
                                {...(one.face === null
                                    ? { 'aria-hidden': true }
                                    : {
                                          role: 'button',
                                          tabIndex: 0,
                                          'aria-pressed': chosen,
                                          'aria-label': t('roof.pick-face', {
                                              face: slice.faces.find((face) => face.id === one.face)?.name ?? one.face,
                                          }),
                                          className: 'hit',
                                          onClick: () => onPick({ kind: 'face', id: one.face as string }),
                                          onKeyDown: (event: React.KeyboardEvent) => {
                                              if (event.key === 'Enter' || event.key === ' ') {
                                                  event.preventDefault();
                                                  onPick({ kind: 'face', id: one.face as string });
                                              }
                                          },
                                      })}
                            />
                        );
                    })}
                </svg>
            </div>
            <p className="muted small">{t('roof.still-hint')}</p>
        </>
    );
}
