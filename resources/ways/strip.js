/* A strip at the top of a website that leads to the app. It is there on phones and tablets alone, and stays away for 30 days once it was closed. */
;(function () {
  var strip = __STRIP__
  var kept = 'lanai-strip:' + strip.key
  var isPhone = /Android|iPhone|iPad|iPod/.test(navigator.userAgent) || (navigator.maxTouchPoints > 1 && /Mac/.test(navigator.platform))
  try {
    if (!strip.always && Date.now() - Number(localStorage.getItem(kept) || 0) < 30 * 86400e3) return
  } catch (e) {
    /* Where nothing is kept it comes again. */
  }
  if (!isPhone && !strip.always) return
  var words = strip.words[strip.own]
  var wanted = navigator.languages || [navigator.language]
  for (var i = 0; i < wanted.length; i++) {
    var tongue = String(wanted[i]).split('-')[0]
    if (strip.words[wanted[i]] || strip.words[tongue]) {
      words = strip.words[wanted[i]] || strip.words[tongue]
      break
    }
  }
  function put() {
    var bar = document.createElement('div')
    bar.setAttribute('role', 'region')
    bar.setAttribute('aria-label', strip.name)
    bar.dir = words.dir
    bar.style.cssText =
      'display:flex;align-items:center;gap:12px;box-sizing:border-box;width:100%;padding:8px 12px;font:15px/1.35 system-ui,sans-serif;background:#fff;color:#1c2526;border-bottom:1px solid #0002'
    var icon = document.createElement('img')
    icon.src = strip.icon
    icon.alt = ''
    icon.width = icon.height = 44
    icon.style.borderRadius = '10px'
    var text = document.createElement('span')
    text.style.cssText = 'flex:1;min-width:0'
    var name = document.createElement('strong')
    name.textContent = strip.name
    name.style.cssText = 'display:block;overflow:hidden;text-overflow:ellipsis;white-space:nowrap'
    var about = document.createElement('span')
    about.textContent = words.about
    about.style.cssText = 'display:block;overflow:hidden;text-overflow:ellipsis;white-space:nowrap;font-size:13px;color:#55605f'
    text.append(name, about)
    var open = document.createElement('a')
    open.href = strip.link
    open.textContent = words.open
    open.style.cssText =
      'flex:none;min-height:44px;padding:0 18px;border-radius:22px;font-weight:600;line-height:44px;text-decoration:none;background:' + strip.ground + ';color:' + strip.ink
    var close = document.createElement('button')
    close.type = 'button'
    close.textContent = '×'
    close.setAttribute('aria-label', words.close)
    close.style.cssText = 'flex:none;width:44px;height:44px;border:0;background:none;color:inherit;font-size:24px;line-height:1;cursor:pointer'
    close.onclick = function () {
      bar.remove()
      if (strip.always) return
      try {
        localStorage.setItem(kept, String(Date.now()))
      } catch (e) {
        /* Then it comes again with the next page. */
      }
    }
    bar.append(icon, text, open, close)
    document.body.prepend(bar)
  }
  if (document.body) put()
  else document.addEventListener('DOMContentLoaded', put)
})()
