import { parse as parseSfc } from '@vue/compiler-sfc'
import ts from 'typescript'
import fs from 'node:fs'
import path from 'node:path'
const ROOT = 'resources/js'
const groups = {} // view -> part -> slug -> text
const files = []
const walk = (d) => fs.readdirSync(d, { withFileTypes: true }).forEach((e) => e.isDirectory() ? walk(path.join(d, e.name)) : files.push(path.join(d, e.name)))
walk(ROOT)
const kebab = (s) => s.replace(/([a-z0-9])([A-Z])/g, '$1-$2').toLowerCase()
const WORD = /[A-Za-zÀ-ÿ]{2,}/
const isTwo = (t) => /[A-Za-zÀ-ÿ’']{1,}[,.:;)]?\s+\S*[A-Za-zÀ-ÿ]{2,}/.test(t)
const isCap = (t) => /^[A-ZÀ-Þ][A-Za-zà-ÿ’'-]+[.:…!?]?$/.test(t.trim())
const TECH = new Set(['class','style','type','id','for','name','href','to','role','rows','cols','autocomplete','inputmode','d','viewBox','fill','stroke','xmlns','width','height','x','y','rx','size','severity','is','key','ref','src','method','rel','target','scope','step','min','max','pattern','accept','spellcheck','enterkeyhint','tag','trigger','placement','transform','points','stroke-width','stroke-linecap','preserveAspectRatio','text-anchor','dominant-baseline','aria-hidden','aria-live','aria-atomic','aria-invalid','aria-describedby','aria-labelledby','aria-controls','aria-current','capture','lang','loading','decoding','kind','as','mode','tabindex','value','variant','field','secondary','format'])
function groupOf(file) {
  const rel = path.relative(ROOT, file).split(path.sep)
  const base = kebab(path.basename(file).replace(/\.(vue|ts)$/, ''))
  if (rel[0] === 'views') return [kebab(rel[1]), base]
  if (rel.length === 1) return ['app', base]
  return [rel[0], base]
}
const STOP = new Set(['the','a','an','of','is','it','this','that','to','and','or','in','be','must','are','with','for','on','your','you'])
function keyFor(file, text) {
  const [g, p] = groupOf(file)
  groups[g] ??= {}; groups[g][p] ??= {}
  const own = groups[g][p]
  for (const [k, v] of Object.entries(own)) if (v === text) return `${g}.${p}.${k}`
  const words = text.replace(/\{[^}]*\}/g, ' ').toLowerCase().replace(/[’']/g, '').split(/[^a-z0-9]+/).filter(Boolean)
  const good = words.filter((w) => !STOP.has(w))
  const src = good.length ? good : words.length ? words : ['text']
  let n = 3, k
  do { k = src.slice(0, n).join('-'); n++ } while (own[k] !== undefined && n < 10)
  let m = 2; const b = k
  while (own[k] !== undefined) k = `${b}-${m++}`
  own[k] = text
  return `${g}.${p}.${k}`
}
const esc = (s) => s.replace(/'(?=[{}])/g, "''").replace(/[{}]/g, (c) => `'${c}'`)
function nameOf(expr, taken) {
  const ids = expr.match(/[A-Za-z_]\w*/g) ?? []
  const bad = new Set(['value','length','String','Math','round','toString','join','filter','map','n','the','if','null','t','at','padStart','props'])
  let name = [...ids].reverse().find((i) => !bad.has(i) && i.length > 1) ?? 'n'
  name = name.replace(/_([a-z])/g, (_, c) => c.toUpperCase())
  if (!/^[a-zA-Z]/.test(name)) name = 'p'
  let k = name, m = 2
  while (taken[k] !== undefined && taken[k] !== expr) k = `${name}${m++}`
  taken[k] = expr
  return k
}
// rewrite UI literals in a TS expression/script; returns new text
function rewriteTs(file, code, kind) {
  const wrapped = kind === 'expr' ? `(${code})` : code
  const sf = ts.createSourceFile('x.ts', wrapped, ts.ScriptTarget.Latest, true)
  const edits = []
  const skip = (node) => {
    const p = node.parent
    if (!p) return false
    if (ts.isLiteralTypeNode(p) || ts.isImportDeclaration(p) || ts.isExportDeclaration(p) || ts.isExternalModuleReference(p)) return true
    if (ts.isElementAccessExpression(p) && p.argumentExpression === node) return true
    if (ts.isBinaryExpression(p) && ['===','!==','==','!=','in'].includes(p.operatorToken.getText(sf))) return true
    if (ts.isCaseClause(p) || (ts.isPropertyAssignment(p) && p.name === node)) return true
    if (ts.isCallExpression(p)) { const c = p.expression.getText(sf); if (/^(t|import|emit|console\.\w+|api\.\w+|.*\.(includes|startsWith|endsWith|split|replace|indexOf|querySelector|querySelectorAll|addEventListener|setItem|getItem|getElementById|get|set|matchMedia|dispatchEvent|setProperty|getAttribute|setAttribute|closest|append|createElement|toISOString|localeCompare|format))$|^(matchMedia|defineProps|Error|useMediaQuery|encodeURIComponent)$/.test(c)) return true }
    if (ts.isNewExpression(p) && /Intl|RegExp|Event|URL/.test(p.expression.getText(sf))) return true
    if (ts.isPropertyAssignment(p) && /^(name|path|font\w*|class|type|kind|key|field|timeZone|border|background|boxShadow|locale|method|icon|d|weekday|month|day|hour|minute|year|style|width|height|transform|numeric)$/.test(p.name.getText(sf))) return true
    if (ts.isTaggedTemplateExpression(p)) return true
    return false
  }
  const isUi = (t) => WORD.test(t) && !/^(\/|@|\.|#|https?:|[a-z]+:|M\d|--|\[)/.test(t) && !/\b(px|rem|solid|sans-serif|rgba?|var\(|minmax|repeat)\b/.test(t) && (isTwo(t) || isCap(t))
  const visit = (node) => {
    if ((ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node)) && !skip(node) && isUi(node.text)) {
      edits.push([node.getStart(sf), node.end, `t('${keyFor(file, esc(node.text))}')`]); return
    }
    if (ts.isTemplateExpression(node) && !skip(node)) {
      const stat = [node.head.text, ...node.templateSpans.map((s) => s.literal.text)]
      const joined = stat.join(' 0 ')
      if (stat.some((s) => /(^|[\s(,.·])[A-Za-zÀ-ÿ]{2,}([\s,.:;)]|$)/.test(s)) && /\s/.test(stat.join('')) && !/^(\/|M ?\d|[a-z-]+:)/.test(stat[0].trim() || 'x') && !/\b(px|solid|rem|translate|rotate|scale|var\()/.test(joined)) {
        let msg = esc(node.head.text); const taken = {}; const params = []
        for (const s of node.templateSpans) {
          const ex = rewriteTs(file, s.expression.getText(sf), 'expr'); const k = nameOf(s.expression.getText(sf), taken)
          if (!params.some((p) => p[0] === k)) params.push([k, ex]); msg += `{${k}}` + esc(s.literal.text)
        }
        edits.push([node.getStart(sf), node.end, `t('${keyFor(file, msg)}', { ${params.map(([k, e]) => (k === e ? k : `${k}: ${e}`)).join(', ')} })`]); return
      }
    }
    ts.forEachChild(node, visit)
  }
  visit(sf)
  edits.sort((a, b) => b[0] - a[0])
  let out = wrapped
  for (const [a, b, r] of edits) out = out.slice(0, a) + r + out.slice(b)
  return kind === 'expr' ? out.slice(1, -1) : out
}
function rewriteTemplate(file, src, ast) {
  const edits = []
  const q = (s) => s
  const run = (nodes) => { // consecutive text / interpolation
    const a = nodes[0].loc.start.offset, b = nodes[nodes.length - 1].loc.end.offset
    const hasText = nodes.some((n) => n.type === 2 && WORD.test(n.content))
    if (!hasText) { for (const n of nodes) if (n.type === 5) { const e = n.content.loc.source; const r = rewriteTs(file, e, 'expr'); if (r !== e) edits.push([n.content.loc.start.offset, n.content.loc.end.offset, r]) } ; return }
    let msg = ''; const taken = {}; const params = []
    for (const n of nodes) {
      if (n.type === 2) msg += esc(n.content.replace(/[ \t\r\n]+/g, ' '))
      else { const e = n.content.loc.source.trim(); const k = nameOf(e, taken); const r = rewriteTs(file, e, 'expr'); if (!params.some((p) => p[0] === k)) params.push([k, r]); msg += `{${k}}` }
    }
    const lead = msg.match(/^ */)[0], tail = msg.match(/ *$/)[0]
    const rawLead = src.slice(a, b).match(/^\s*/)[0], rawTail = src.slice(a, b).match(/\s*$/)[0]
    // spaces beside an element are kept in the template where they are condensed to one; at the edge of a parent they vanish
    const text = msg.trim()
    const key = keyFor(file, text)
    const call = params.length ? `t('${key}', { ${params.map(([k, e]) => (k === e ? k : `${k}: ${e}`)).join(', ')} })` : `t('${key}')`
    edits.push([a, b, `${rawLead}{{ ${call} }}${rawTail}`])
  }
  const visit = (node) => {
    if (node.type === 1) {
      for (const p of node.props) {
        if (p.type === 6 && p.value && !TECH.has(p.name) && !p.name.startsWith('data-') && WORD.test(p.value.content) && (isTwo(p.value.content) || /^[A-ZÀ-Þ]/.test(p.value.content) || ['aria-label','title','placeholder','alt','label'].includes(p.name))) {
          edits.push([p.loc.start.offset, p.loc.end.offset, `:${p.name}="t('${keyFor(file, esc(p.value.content))}')"`])
        } else if (p.type === 7 && p.exp && p.exp.loc.source && p.name !== 'for' && p.name !== 'slot' && !(p.name === 'bind' && p.arg && ['class','style','key','to','ref','type','id','for','name','href','d','src','viewBox','fill','transform'].includes(p.arg.content))) {
          const e = p.exp.loc.source
          if (/^\s*(?:function|async)/.test(e) ) continue
          let r = e
          try { r = rewriteTs(file, e, p.name === 'on' ? 'stmt' : 'expr') } catch { r = e }
          if (r !== e) {
            if (r.includes('"')) r = r.replaceAll('"', '&quot;')
            edits.push([p.exp.loc.start.offset, p.exp.loc.end.offset, r])
          }
        }
      }
    }
    const kids = node.children ?? []
    let cur = []
    for (const k of [...kids, { type: -1 }]) {
      if (k.type === 2 || k.type === 5) cur.push(k)
      else {
        while (cur.length && cur[0].type === 2 && !cur[0].content.trim()) cur.shift()
        while (cur.length && cur[cur.length - 1].type === 2 && !cur[cur.length - 1].content.trim()) cur.pop()
        if (cur.length) run(cur); cur = []; if (k.type !== -1) visit(k)
      }
    }
  }
  visit(ast)
  edits.sort((x, y) => y[0] - x[0])
  let out = src
  for (const [a, b, r] of edits) out = out.slice(0, a) + r + out.slice(b)
  return [out, edits.length]
}
let touched = 0
for (const file of files) {
  if (file.endsWith('schema.d.ts') || file.includes('/i18n')) continue
  let src = fs.readFileSync(file, 'utf8'); const before = src
  if (file.endsWith('.vue')) {
    const { descriptor } = parseSfc(src, { templateParseOptions: { whitespace: 'preserve' } })
    if (descriptor.template) [src] = rewriteTemplate(file, src, descriptor.template.ast)
    const { descriptor: d2 } = parseSfc(src)
    const s = d2.scriptSetup ?? d2.script
    if (s) { const r = rewriteTs(file, s.content, 'script'); if (r !== s.content) src = src.slice(0, s.loc.start.offset) + r + src.slice(s.loc.end.offset) }
    if (src !== before) {
      if (s) src = src.replace(/<script setup lang="ts">\n/, `<script setup lang="ts">\nimport { t } from '@/i18n'\n`)
      else src = `<script setup lang="ts">\nimport { t } from '@/i18n'\n</script>\n\n` + src
    }
  } else if (file.endsWith('.ts')) {
    src = rewriteTs(file, src, 'script')
    if (src !== before) src = `import { t } from '@/i18n'\n` + src
  }
  if (src !== before) { fs.writeFileSync(file, src); touched++ }
}
fs.mkdirSync('messages/en/screens', { recursive: true })
let n = 0
for (const [g, parts] of Object.entries(groups)) { for (const p of Object.values(parts)) n += Object.keys(p).length; fs.writeFileSync(`messages/en/screens/${g}.json`, JSON.stringify({ [g]: parts }, null, 2) + '\n') }
console.log(touched, 'files', n, 'messages')
