import type { ReactNode } from 'react';
import { useTranslation } from 'react-i18next';
import type { SurveyPlane } from '../../contracts/survey';
import { useJobTape } from '../../tape/JobTape';
import { LenText } from '../../tape/Len';
import { named, type Name } from './quantities';
import { usePitch } from '../../tape/measures';

export interface PickProps {
    survey: SurveyPlane | undefined;
    active: boolean;
    onPick: (quantity: Name) => void;
}

interface Hit {
    x: number;
    y: number;
    width: number;
    height: number;
    angle?: number;
}

/** One measured thing in the drawing: what is drawn, and over it a button by mouse, finger and keyboard. */
export function Pick({
    quantity,
    survey,
    active,
    onPick,
    hit,
    children,
}: PickProps & { quantity: Name; hit: Hit; children: ReactNode }) {
    const { t } = useTranslation();
    const pitch = usePitch();
    const print = useJobTape();
    const adopted = survey?.adoptions[quantity];
    const value = adopted ? (quantity === 'pitch' ? pitch(adopted.value) : print(adopted.value)) : '';
    return (
        <g className="hit">
            <g aria-hidden="true">{children}</g>
            <rect
                x={hit.x}
                y={hit.y}
                width={hit.width}
                height={hit.height}
                transform={
                    hit.angle
                        ? `rotate(${hit.angle.toFixed(2)} ${hit.x + hit.width / 2} ${hit.y + hit.height / 2})`
                        : undefined
                }
                rx="4"
                fill="transparent"
                role="button"
                tabIndex={0}
                aria-pressed={active}
                aria-label={
                    adopted
                        ? t('survey.pick', { ...named(quantity, survey?.shape), value })
                        : t('survey.pick-missing', named(quantity, survey?.shape))
                }
                onClick={() => onPick(quantity)}
                onKeyDown={(event) => {
                    if (event.key === 'Enter' || event.key === ' ') {
                        event.preventDefault();
                        onPick(quantity);
                    }
                }}
            />
        </g>
    );
}

/** A hit area round a label's centre: large enough for gloves. */
export function around(x: number, y: number, width = 104, height = 48, angle?: number): Hit {
    return { x: x - width / 2, y: y - height / 2, width, height, angle };
}

export function Label({
    x,
    y,
    quantity,
    survey,
    active,
    angle = 0,
    size = 18,
}: {
    x: number;
    y: number;
    quantity: Name;
    survey: SurveyPlane | undefined;
    active: boolean;
    angle?: number;
    size?: number;
}) {
    const { t } = useTranslation();
    const adopted = survey?.adoptions[quantity];
    const missing = t('survey.missing', named(quantity, survey?.shape));
    const wide = (adopted ? 92 : Math.max(84, missing.length * 8.2 + 14)) * (size / 18);
    return (
        <g transform={`rotate(${angle.toFixed(2)} ${x} ${y})`}>
            <rect
                x={x - wide / 2}
                y={y - size * 0.75}
                width={wide}
                height={size * 1.5}
                rx="4"
                fill={active ? 'var(--chalk)' : 'var(--ground)'}
            />
            <text
                className="dim-label"
                x={x}
                y={y + size * 0.34}
                textAnchor="middle"
                fontSize={size}
                fontWeight={adopted ? 680 : 500}
                style={active ? { fill: 'var(--chalkText)' } : adopted ? undefined : { fill: 'var(--muted)' }}
            >
                {adopted ? <LenText inches={adopted.value} /> : missing}
            </text>
        </g>
    );
}
