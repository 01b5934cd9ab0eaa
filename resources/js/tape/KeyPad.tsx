import { useTranslation } from 'react-i18next';

const KEYS = ['7', '8', '9', '′', '4', '5', '6', '″', '1', '2', '3', '.', '0', ' '];
const SIXTEENTHS = [
    '1/16',
    '1/8',
    '3/16',
    '1/4',
    '5/16',
    '3/8',
    '7/16',
    '1/2',
    '9/16',
    '5/8',
    '11/16',
    '3/4',
    '13/16',
    '7/8',
    '15/16',
];

/** Keys for gloves: digits, marks, and every sixteenth as one key. */
export function KeyPad({ typed, onChange }: { typed: string; onChange: (typed: string) => void }) {
    const { t } = useTranslation();
    const withFraction = (fraction: string) => {
        const bare = typed.replace(/\s*\d+\/\d+\s*$/, '').trimEnd();
        onChange(bare === '' ? fraction : `${bare} ${fraction}`);
    };
    return (
        <div role="group" aria-label={t('tape.keypad')} style={{ marginTop: 8 }}>
            <div className="keypad">
                {KEYS.map((key, i) => (
                    <button
                        key={key}
                        type="button"
                        // Opened, it has the keyboard.
                        autoFocus={i === 0}
                        aria-label={key === ' ' ? t('tape.space') : key}
                        onClick={() => onChange(typed + key)}
                    >
                        {key === ' ' ? '␣' : key}
                    </button>
                ))}
                <button type="button" onClick={() => onChange(typed.slice(0, -1))} aria-label={t('tape.back')}>
                    ⌫
                </button>
                <button type="button" onClick={() => onChange('')} aria-label={t('tape.clear')}>
                    C
                </button>
            </div>
            <div className="sixteenths" style={{ marginTop: 6 }}>
                {SIXTEENTHS.map((fraction) => (
                    <button key={fraction} type="button" className="frac" onClick={() => withFraction(fraction)}>
                        {fraction}
                    </button>
                ))}
            </div>
        </div>
    );
}
