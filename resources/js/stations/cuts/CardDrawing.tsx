import { useTranslation } from 'react-i18next';
import type { CardView, CutPanel, PlanPoint } from '../../api/contract';
import { useSize } from '../../deck/useFrame';
import { LenText } from '../../tape/Len';

interface CardDrawingProps {
    view: CardView;
    back: boolean;
    panel: CutPanel;
    concealed: boolean;
}

/** Inches shown to scale at each end; the long middle is drawn short, with a break line. */
const END = 9;

/** The piece as it lies on the bench: its ends to scale, what to cut, bend and notch told apart. */
export function CardDrawing({ view, back, panel, concealed }: CardDrawingProps) {
    const { t } = useTranslation();
    const { box, size } = useSize();
    const tall = Math.max(280, size[1]) - 92;
    const end = Math.min(END, view.length / 2.5);
    const broken = view.length > 3 * END;
    const reach = broken ? tall * 0.36 : (tall * end) / view.length;
    const wide = Math.min(size[0] - 236, Math.max(90, broken ? (view.width * reach) / end : (view.width * tall) / view.length));
    const x0 = (size[0] - wide) / 2;
    const y0 = 54;
    const height = (v: number): number => {
        if (!broken) return (v / view.length) * tall;
        if (v <= end) return (v / end) * reach;
        if (v >= view.length - end) return tall - ((view.length - v) / end) * reach;
        return reach + ((v - end) / (view.length - 2 * end)) * (tall - 2 * reach);
    };
    const at = ([x, y]: PlanPoint): PlanPoint => [x0 + (x / view.width) * wide, y0 + tall - height(y)];
    const points = view.outline.map((corner) => at(corner).map((n) => n.toFixed(1)).join(',')).join(' ');
    const [mid, brk] = [x0 + wide / 2, y0 + tall - (reach + (tall - 2 * reach) / 2)];
    const leftIsFemale = back ? false : true;
    const lengths = (['left', 'right'] as const).map((line) => view.marks.find((mark) => mark.line === line && mark.name === 'length')?.distance ?? view.length);
    return (
        <div className="drawing" ref={box} style={{ flex: '2 1 340px', minHeight: 380 }}>
            <svg viewBox={`0 0 ${size[0]} ${size[1]}`} role="img" aria-label={t(back ? 'cuts.drawing-back' : 'cuts.drawing-face', { piece: view.panel })}>
                <text x={mid} y={18} textAnchor="middle" fontSize="16" className="muted">{t(back ? 'card.back' : 'card.face')}</text>
                <polygon points={points} fill={back ? 'color-mix(in srgb, var(--metal) 45%, var(--rule))' : 'var(--metal)'} stroke="var(--ink)" strokeWidth="1.6" />
                {view.ribs.map((rib) => {
                    const [x, foot] = at([rib, 0]);
                    return <line key={rib} x1={x} x2={x} y1={foot} y2={at([rib, view.length])[1]} stroke="var(--seam)" strokeWidth={concealed ? 5 : 3} />;
                })}
                {view.lines.map((line, i) => <CardLine key={i} kind={line.kind} from={at(line.from)} to={at(line.to)} />)}
                {broken && <path d={`M${x0 - 10} ${brk + 5} l${wide * 0.42} 0 l6 -10 l8 20 l6 -10 H${x0 + wide + 10}`} fill="none" stroke="var(--ground)" strokeWidth="5" />}
                {broken && <path d={`M${x0 - 10} ${brk + 5} l${wide * 0.42} 0 l6 -10 l8 20 l6 -10 H${x0 + wide + 10}`} fill="none" stroke="var(--ink)" strokeWidth="1.1" />}
                <text x={mid} y={y0 + reach * 0.62} textAnchor="middle" fontSize="26" fontWeight="720">{t('card.top')}</text>
                <text x={mid} y={y0 + tall - reach * 0.5} textAnchor="middle" fontSize="26" fontWeight="720">{t('card.bottom')}</text>
                <Side x={x0 - 30} y1={y0} y2={y0 + tall} inches={lengths[0]} anchor="end" />
                <Side x={x0 + wide + 30} y1={y0} y2={y0 + tall} inches={lengths[1]} anchor="start" />
                <text x={mid} y={y0 + tall + 24} textAnchor="middle" fontSize="17" fontWeight="650">
                    <LenText inches={view.width} inchesOnly /> {t(panel.rip === null ? 'cuts.wide' : 'cuts.wide-cut')}
                </text>
                {concealed && !(leftIsFemale ? panel.cutLeft : panel.cutRight) && <text x={x0} y={y0 - 6} fontSize="13" className="muted">{t(leftIsFemale ? 'cuts.female' : 'cuts.male')}</text>}
                {concealed && !(leftIsFemale ? panel.cutRight : panel.cutLeft) && <text x={x0 + wide} y={y0 - 6} fontSize="13" textAnchor="end" className="muted">{t(leftIsFemale ? 'cuts.male' : 'cuts.female')}</text>}
            </svg>
        </div>
    );
}

function CardLine({ kind, from, to }: { kind: 'cut' | 'bend' | 'notch'; from: PlanPoint; to: PlanPoint }) {
    const shared = { x1: from[0], y1: from[1], x2: to[0], y2: to[1] };
    if (kind === 'bend') return <line {...shared} stroke="var(--ink)" strokeWidth="1.8" strokeDasharray="7 5" />;
    return <line {...shared} stroke="var(--chalk)" strokeWidth={kind === 'notch' ? 7 : 3.4} />;
}

function Side({ x, y1, y2, inches, anchor }: { x: number; y1: number; y2: number; inches: number; anchor: 'start' | 'end' }) {
    const middle = (y1 + y2) / 2;
    return (
        <g>
            <path className="dim" fill="none" d={`M${x - 6} ${y1} h12 M${x} ${y1} V${y2} M${x - 6} ${y2} h12`} />
            <text x={x + (anchor === 'end' ? -8 : 8)} y={middle - 30} textAnchor={anchor} fontSize="19" fontWeight="700"><LenText inches={inches} inchesOnly /></text>
        </g>
    );
}
