import type { FieldState } from '../../contracts/studio'

/** What may be typed into a cell, as an example. */
export function hint(field: FieldState): string {
  const examples: Record<string, string> = {
    moment: '2026-12-24 07:30',
    date: '2026-12-24',
    time: '07:30',
    duration: '1 h 30 min',
    switch: 'yes or no',
    number: '0',
    place: '50.12, -5.56',
    colour: '#0B6E5F',
    phone: '+44…',
    email: 'name@example.org',
    web: 'https://',
    choices: field.options.join('; '),
  }
  return examples[field.control] ?? field.name
}
