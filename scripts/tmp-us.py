import re,os
os.chdir('/work/main')
def rel(p,t):
    r=os.path.relpath(t,os.path.dirname(p)); return r if r.startswith('.') else './'+r
def imp(p,names,target):
    s=open(p).read(); path=rel(p,target)
    m=re.search(r"import \{([^}]*)\} from '"+re.escape(path)+"';",s)
    if m:
        have=[x.strip() for x in m.group(1).split(',') if x.strip()]
        new=have+[n for n in names if n not in have]
        s=s[:m.start()]+"import { "+", ".join(new)+" } from '"+path+"';"+s[m.end():]
    else:
        i=s.index('import '); s=s[:i]+"import { "+", ".join(names)+" } from '"+path+"';\n"+s[i:]
    open(p,'w').write(s)
def us(p,*prs):
    s=open(p).read()
    for a,b in prs:
        if a not in s: print('MISS',p,a[:80]); continue
        s=s.replace(a,b)
    # ensure localise in each function that uses it
    out=[];parts=re.split(r"(?=\n(?:export )?(?:default )?(?:function |const [A-Za-z]+ = memo\())",s)
    for part in parts:
        if 'localise(' in part and 'localise = ' not in part and not re.search(r"\(\s*localise|localise:",part):
            m=re.search(r"(\n(?:export )?(?:default )?(?:function [^\n]*|const [^\n]*)[\s\S]*?\)(?:: [^{\n]+)? \{\n)",part)
            if m: part=part[:m.end()]+"  const localise = useLocalise();\n"+part[m.end():]
        out.append(part)
    open(p,'w').write(''.join(out)); imp(p,['useLocalise'],'app/open-job/use-job.ts')
us('app/screens/quantities/price/PriceTable.tsx',('<th scope="row">{name}</th>','<th scope="row">{localise(name)}</th>'),("              {how}\n","              {localise(how)}\n"))
us('app/screens/quantities/order/ConsumableTable.tsx',("                {name}\n","                {localise(name)}\n"),("                  {why}\n","                  {localise(why)}\n"))
us('app/screens/quantities/price/HoursByWork.tsx',("<span>{entry.what}</span>","<span>{localise(entry.what)}</span>"))
us('app/screens/handover/ActualsView.tsx',('aria-label="Litres"',"aria-label={localise('Litres')}"),("            Nothing to adjust yet. Log Start as well as Done, and check your tins now and then.","            {localise('Nothing to adjust yet. Log Start as well as Done, and check your tins now and then.')}") if "            Nothing to adjust yet. Log Start as well as Done, and check your tins now and then." in open('app/screens/handover/ActualsView.tsx').read() else ("Nothing to adjust yet.","Nothing to adjust yet."))
us('app/screens/plan/board/run-paint.tsx',('aria-label="Colours"',"aria-label={localise('Colours')}"))
us('app/screens/build-up/GroupHeader.tsx',("title={`old colour ${old}`}","title={localise(`old colour ${old}`)}"),("            On white primer {over([PRIMER_WHITE])}, on grey {over([greyUnder(colour.hex)])}.","            {localise(`On white primer ${over([PRIMER_WHITE])}, on grey ${over([greyUnder(colour.hex)])}.`)}"))
us('app/screens/sequence/CompareView.tsx',("words={`${FACE_ORDERS[candidate.change.face].name}, numbered`}","words={localise(`${FACE_ORDERS[candidate.change.face].name}, numbered`)}"))
us('app/screens/today/StrokesLine.tsx',("{FACE_ORDERS[face].name}.","{localise(FACE_ORDERS[face].name)}."),("{APPLICATION_WORDS[application].name}","{localise(APPLICATION_WORDS[application].name)}"))
us('app/screens/check/FilmChecks.tsx',("title={definition.name}","title={localise(definition.name)}"),("aria-label={definition.name}","aria-label={localise(definition.name)}"),("aria-label={`${definition.name} on ${piece.mark} held`}","aria-label={localise(`${definition.name} on ${piece.mark} passed`)}"),("aria-label={`${definition.name} on ${piece.mark} failed`}","aria-label={localise(`${definition.name} on ${piece.mark} failed`)}"))
us('app/screens/build-up/ProtectionSheet.tsx',("aria-label={hazard.name}","aria-label={localise(hazard.name)}"))
us('app/screens/sequence/Verdict.tsx',("{capital(worst.later.stroke.name)}","{localise(capital(worst.later.stroke.name))}"),("            {worst.earlier.stroke.name}\n","            {localise(worst.earlier.stroke.name)}\n"))
us('app/screens/sequence/OrderList.tsx',("aria-label={`Move ${stroke.name}`}","aria-label={localise(`Move ${stroke.name}`)}"),("            {stroke.name}\n","            {localise(stroke.name)}\n"),("`Starts at a dry line: ${met.earlier.stroke.name}.`","localise(`Starts at a dry line: ${met.earlier.stroke.name}.`)"),("`Reaches ${met.earlier.stroke.name} at ${met.age.toFixed(1)} min (wet until ${met.limit.toFixed(0)}).`","localise(`Reaches ${met.earlier.stroke.name} at ${met.age.toFixed(1)} min (wet until ${met.limit.toFixed(0)}).`)"))
us('app/screens/sequence/PassDrawing.tsx',("<title>{`${number}. ${stroke.name}`}</title>","<title>{localise(`${number}. ${stroke.name}`)}</title>"))
us('app/screens/sequence/Player.tsx',("`${at.toFixed(1)} min: ${here.number}, ${here.stroke.name}`","localise(`${at.toFixed(1)} min: ${here.number}, ${here.stroke.name}`)"),("`${here.number}. ${here.stroke.name}${result","localise(`${here.number}. ${here.stroke.name}`) + `${result"))
us('app/screens/today/Tins.tsx',("          No tins open. Open one and each coat logs its batch for you.","          {localise('No tins open. Open one and each coat logs its batch for you.')}"),("          Open a tin\n","          {localise('Open a tin')}\n"))
us('app/screens/test/FindingHistory.tsx',("{FOUND[finding.found].name}:","{localise(FOUND[finding.found].name)}:"),("{finding.hex ?? inSentence(resultInWords(finding.found, finding.result))}","{finding.hex ?? localise(inSentence(resultInWords(finding.found, finding.result)))}"))
us('app/screens/test/TestCard.tsx',("aria-label={`${FOUND[found].name}: ${finding ? resultInWords(found, finding.result) : isSeen ? 'by eye' : 'not tested'}`}","aria-label={localise(`${FOUND[found].name}: ${finding ? resultInWords(found, finding.result) : isSeen ? 'by eye' : 'not tested'}`)}"),("            {shows[finding.result]?.means} ","            {localise(shows[finding.result]?.means ?? '')} "))
us('app/screens/test/FoundLine.tsx',("              ? resultInWords(found, finding.result)","              ? localise(resultInWords(found, finding.result))"))
us('app/screens/conditions/clock/ClockView.tsx',("typedFilm.ok ? `tin: ${FILM.format(stated, units)}` : typedFilm.message","typedFilm.ok ? localise(`tin: ${FILM.format(stated, units)}`) : typedFilm.message"),("than the tin on this job (","than the tin on this job ("))
us('app/screens/conditions/instruments/Comb.tsx',("            {chosen.step.coat.coating.name}: {FILM.format(stated, units)} wet film (tin)","            {localise(`${chosen.step.coat.coating.name}: ${FILM.format(stated, units)} wet film (tin)`)}"))
us('app/screens/quantities/mixes/RecipeList.tsx',("          Mixed your own colour? Write down the parts here so you can match it again.","          {localise('Mixed your own colour? Write down the parts here so you can match it again.')}"))
us('app/screens/build-up/StackOfFaces.tsx',("dry film; defaults until you enter your tin’s figures","{localise('dry film; defaults until you enter your tin’s figures')}"))
us('app/screens/build-up/cost-words.ts') if False else None
