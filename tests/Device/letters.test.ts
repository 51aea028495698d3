import { describe, expect, it } from 'vitest'
import { firstOf, initial, lettersOf } from '../../web/device/letters'

describe('letters of a list', () => {
  it('names stand under their letter without accents and marks, and what begins with none under “#”', () => {
    const names = ['Émile', 'ångström', '“Quoted”', '(in brackets)', '7 Sisters', '', 'ß', 'Ωmega', '文']
    expect(names.map(initial)).toEqual(['E', 'A', 'Q', 'I', '#', '#', 'SS', 'Ω', '文'])
  })

  it('each letter is there once, and those that may follow where more names do', () => {
    expect(lettersOf(['1', 'Ann', 'Åse', 'Bob'], false)).toEqual(['#', 'A', 'B'])
    expect(lettersOf(['Ann', 'Xenia'], true)).toEqual(['A', 'X', 'Y', 'Z'])
    expect(lettersOf(['1'], true).length).toBe(27)
    expect(lettersOf(['Ωmega'], true)).toEqual(['Ω'])
  })

  it('a letter leads to its first name, to the next where there is none, and else to the last', () => {
    const names = ['1', 'Ann', 'Åse', 'Cleo', 'Dan']
    expect(['#', 'A', 'B', 'D', 'Z'].map((letter) => firstOf(names, letter))).toEqual([0, 1, 3, 4, 4])
  })
})
