// The desk of Crier: what lies on which phone, and how it answers.

import { MODES } from './switches.mjs'

const text = (words) => String(words).replaceAll(/[&<>"']/g, (sign) => `&#${sign.charCodeAt(0)};`)

const KINDS = { web: 'A web app', android: 'An Android phone', ios: 'An iOS phone' }

const html = { 'content-type': 'text/html; charset=utf-8', 'content-security-policy': "default-src 'none'; style-src 'unsafe-inline'; form-action 'self'" }

const style = `body{font:17px/1.5 system-ui,sans-serif;max-width:40rem;margin:2rem auto;padding:0 1rem;color:#1c2a2b;background:#f6f4ee}
article{background:#fff;border-radius:14px;padding:.8rem 1rem;margin:.6rem 0}label{display:block;padding:.25rem 0}small{color:#566}`

export function page(asked, box, switches, phones) {
  if (box.key === '') return { status: 401, body: { detail: 'This desk opens only with a key. The studio of Lanai leads to it.' }, headers: {} }
  if (asked.path[0] === 'switches') {
    if (asked.method === 'POST') switches.turn(box.name, new URLSearchParams(asked.body.toString('utf8')).get('mode') ?? '')
    return asked.method === 'POST'
      ? { status: 303, body: null, headers: { location: `/crier/?key=${box.key}` } }
      : { status: 200, body: switches.state(box.name), headers: {} }
  }
  const now = switches.state(box.name)
  const choices = Object.entries(MODES)
    .map(([mode, words]) => `<label><input type="radio" name="mode" value="${mode}"${mode === now.mode ? ' checked' : ''}> It answers ${text(words)}.</label>`)
    .join('')
  const shown = (one) => `<p><b>${text(one.title)}</b><br>${text(one.text)}</p>`
  const lies = (phone) => phone.notifications.map(shown).join('') || '<p><small>Nothing lies on it.</small></p>'
  const all = phones.inBox(box.name).slice(-50).reverse()
  const list = all.map((phone) => `<article><small>${KINDS[phone.kind]}, ${text(phone.id.slice(0, 8))}</small>${lies(phone)}</article>`).join('')
  const none = '<p>No phone lets messages in yet. Say yes to them in the deck.</p>'
  const arranged = `<form method="post" action="/crier/switches?key=${box.key}">${choices}<p><button>Arrange it so</button></p></form>`
  return {
    status: 200,
    body: `<!doctype html><html lang="en"><meta charset="utf-8"><title>Crier</title><style>${style}</style><small>Crier, for practice</small>
<h1>What lies on which phone</h1>${list || none}<h2>How it answers</h2>${arranged}<p><small>It has been asked ${now.calls} times.</small></p>`,
    headers: html,
  }
}
