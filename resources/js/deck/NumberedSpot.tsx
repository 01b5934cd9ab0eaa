interface NumberedSpotProps {
    number: number;
    x: number;
    y: number;
    /** In the drawing's own measure. */
    radius: number;
    picked: boolean;
}

/** The number of a piece where one sees it. */
export function NumberedSpot({ number, x, y, radius, picked }: NumberedSpotProps) {
    return (
        <g pointerEvents="none">
            <circle cx={x} cy={y} r={radius} fill={picked ? 'var(--chalk)' : 'var(--ink)'} />
            <text
                x={x}
                y={y + radius * 0.45}
                fontSize={radius * 1.25}
                fontWeight="700"
                textAnchor="middle"
                style={{ fill: picked ? 'var(--chalkText)' : 'var(--card)' }}
            >
                {number}
            </text>
        </g>
    );
}
