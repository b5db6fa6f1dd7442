/**
 * Shorthand that must be understood, with what it means: each reading on its own, best first, `|` between them.
 * Scales are `tonic scale`, signatures `signs N` and `signature of key`, notes `name N notes`.
 */
export const UNDERSTOOD = `
C major                              = C major
c major                              = C major
C maj                                = C major
Cmaj                                 = C major
C-Dur                                = C major
c# harm min                          = C# harmonic-minor
c sharp harmonic minor               = C# harmonic-minor
C-sharp harm                         = C# harmonic-minor
C# hm                                = C# harmonic-minor
db major                             = Db major
D flat major                         = Db major
D♭ major                             = Db major
bb mel                               = Bb melodic-minor
B flat melodic minor                 = Bb melodic-minor
Bb mm                                = Bb melodic-minor
eb nat minor                         = Eb natural-minor
E flat natural minor                 = Eb natural-minor
b natural minor                      = B natural-minor
A aeolian                            = A natural-minor
F ionian                             = F major
D dorian                             = D dorian
d dor                                = D dorian
E phryg                              = E phrygian
F lyd                                = F lydian
G mix                                = G mixolydian
G mixo                               = G mixolydian
B loc                                = B locrian
F# locrian                           = F# locrian
C chromatic                          = C chromatic
G chrom                              = G chromatic
D major tetrachord                   = D major-tetrachord
D tetrachord                         = D major-tetrachord
E minor pentachord                   = E minor-pentachord
E major pentachord                   = E major-pentachord
A pentachord                         = A major-pentachord | A minor-pentachord
A minor                              = A natural-minor | A harmonic-minor | A melodic-minor
a min                                = A natural-minor | A harmonic-minor | A melodic-minor
Am                                   = A natural-minor | A harmonic-minor | A melodic-minor
C#m                                  = C# natural-minor | C# harmonic-minor | C# melodic-minor
g sharp minor                        = G# natural-minor | G# harmonic-minor | G# melodic-minor
D                                    = D major | D natural-minor
Bb                                   = Bb major | Bb natural-minor
E flat                               = Eb major | Eb natural-minor
F scale                              = F major | F natural-minor
scale of D major                     = D major
the scale of E flat major            = Eb major
D major scale                        = D major
build F# major                       = F# major
show me G dorian                     = G dorian
harmonic minor on C#                 = C# harmonic-minor
melodic minor from E flat            = Eb melodic-minor
major scale on F sharp               = F# major
dorian D                             = D dorian
mixolydian on B flat                 = Bb mixolydian
E harmonic minor for tenor saxophone = E harmonic-minor for tenor-saxophone
B major alto sax                     = B major for alto-saxophone
F major for B flat clarinet          = F major for b-flat
D dorian for a trumpet down          = D dorian down for b-flat
Eb major for horn in F               = Eb major for horn
for piccolo G major bass clef        = G major bass for piccolo
C major on the fretboard             = C major on fretboard
E harm min on guitar frets 5 to 9    = E harmonic-minor on fretboard 5-9 guitar
A mixolydian on a ukulele            = A mixolydian on fretboard ukulele
F major frets 0-3                    = F major on fretboard 0-3
B harm minor along string 6          = B harmonic-minor on fretboard string-6
C# harmonic minor on the piano       = C# harmonic-minor on keyboard
E major on the grand staff both      = E major both on grand-staff
C major tenor                        = C major tenor
E alto sax                           = E major for alto-saxophone | E natural-minor for alto-saxophone
C major bass                         = C major bass
G major for guitar                   = G major for guitar
W W H W W W H from E on the keyboard = E major on keyboard
D major down                         = D major down
D major going up and down            = D major both
D major both                         = D major both
G major in the bass clef             = G major bass
F major in alto clef                 = F major alto
A harmonic minor tenor               = A harmonic-minor tenor
Eb major with a key signature        = Eb major written
Eb major without signature           = Eb major none
Eb major no key signature            = Eb major none
D dorian by parent                   = D dorian by parent
F major by tetrachords               = F major by tetrachords
E major by steps down treble         = E major down treble by step-pattern
Ab melodic minor descending bass     = Ab melodic-minor down bass
G harmonic minor ascending           = G harmonic-minor up
W W H W W W H from E                 = E major
E W W H W W W H                      = E major
WWHWWWH from E                       = E major
2 2 1 2 2 2 1 on D                   = D major
2212221 from Ab                      = Ab major
T T S T T T S from G                 = G major
W H W W H W W from F sharp           = F# natural-minor
H W W W H W W from E                 = E phrygian
1 3 1 2 1 2 2 from D                 = D 1,3,1,2,1,2,2
2 2 3 2 3 from C                     = C 2,2,3,2,3
H A H W H A H from D                 = D 1,3,1,2,1,3,1
W W H W W W H                        = C major
2 2 1                                = C major-tetrachord
W W H                                = C major-tetrachord
C natural dorian                     = C dorian
F## major                            = F## major
F double sharp major                 = F## major
G major treble                       = G major treble
B flat major up                      = Bb major up
E natural minor down alto            = E natural-minor down alto
major D flat                         = Db major
melodic C minor                      = C melodic-minor
natural minor scale on G sharp       = G# natural-minor
the harmonic minor scale of B        = B harmonic-minor
locrian from C sharp                 = C# locrian
lydian E flat down                   = Eb lydian down
A lydian without a key signature     = A lydian none
D minor pentachord in the bass clef  = D minor-pentachord bass
C chromatic going up and down        = C chromatic both
2 1 2 2 on A                         = A minor-pentachord
1 1 1 1 1 1 1 1 1 1 1 1 from G       = G chromatic
2 1 2 1 2 1 2 1 from C               = C 2,1,2,1,2,1,2,1
4 4 4 on E                           = E 4,4,4
seven flats minor                    = signs -7 minor
six sharps major                     = signs 6 major
phrygian key with 4 flats            = signs -4 phrygian
mixolydian 1 sharp                   = signs 1 mixolydian
locrian no sharps or flats           = signs 0 locrian
which dorian key has 5 sharps        = signs 5 dorian
last sharp is A# minor               = signs 5 minor
last flat Gb major                   = signs -5 major
C major vs chain                     = C major beside chain
G melodic minor vs G harmonic minor  = G melodic-minor beside G harmonic-minor
2 2 2 2 2 2 from Db                  = Db 2,2,2,2,2,2
F G Ab Bb C Db E F                   = name 8 notes
C D E                                = name 3 notes
G, A, B, C, D, E, F#, G              = name 8 notes
what is F G A flat B flat C          = name 5 notes
name D E F G A B C D                 = name 8 notes
notes A B C# D                       = name 4 notes
F# G# A# B                           = name 4 notes
C# D# E F# G# A B# C#                = name 8 notes
F# C# G#                             = signs 3 | name 3 notes
Bb Eb Ab Db                          = signs -4 | name 4 notes
F# C# G# D# A# E# B#                 = signs 7 | name 7 notes
4 flats                              = signs -4
four flats                           = signs -4
4b                                   = signs -4
3#                                   = signs 3
3 #                                  = signs 3
3 sharps                             = signs 3
one flat                             = signs -1
1 sharp                              = signs 1
seven sharps                         = signs 7
5 flats minor                        = signs -5 minor
minor 5 flats                        = signs -5 minor
two sharps major                     = signs 2 major
3 flats dorian                       = signs -3 dorian
lydian with 2 sharps                 = signs 2 lydian
which key has 4 flats                = signs -4
which key has four flats?            = signs -4
which minor key has 3 sharps         = signs 3 minor
what major key has six flats         = signs -6 major
key with 2 sharps                    = signs 2
key of one flat                      = signs -1
major key with 5 sharps              = signs 5 major
no sharps                            = signs 0
no flats                             = signs 0
no sharps or flats                   = signs 0
no sharps and no flats               = signs 0
no signs                             = signs 0
0 sharps                             = signs 0
zero flats minor                     = signs 0 minor
0 flats major                        = signs 0 major
last sharp is G#                     = signs 3
last sharp G sharp                   = signs 3
the last sharp is E#                 = signs 6
last sharp B#                        = signs 7
last sharp F# minor                  = signs 1 minor
last flat is Db                      = signs -4
last flat D flat                     = signs -4
last flat Fb                         = signs -7
the last flat is B flat              = signs -1
last flat but one is Ab              = signs -4
last but one flat is E flat          = signs -3
last but one flat Cb                 = signs -7
which key has the last sharp D#      = signs 4
signature of E major                 = signature of E major
key signature of E major             = signature of E major
what is the signature of E flat major = signature of Eb major
E major signature                    = signature of E major
E flat major key signature           = signature of Eb major
sig of Db major                      = signature of Db major
signature for D dorian               = signature of D dorian
signature of F sharp minor           = signature of F# natural-minor
key signature of G# minor            = signature of G# natural-minor
signature C                          = signature of C major | signature of C natural-minor
how many sharps has A major          = signature of A major
how many flats in D flat major       = signature of Db major
how many sharps does B major have    = signature of B major
sharps in E major                    = signature of E major
flats of Ab major                    = signature of Ab major
signs of G mixolydian                = signature of G mixolydian
rel minor of Db                      = Bb natural-minor
relative minor of D flat             = Bb natural-minor
relative minor of D flat major       = Bb natural-minor
relative of C major                  = A natural-minor
rel of C minor                       = Eb major
relative major of C minor            = Eb major
rel major of C                       = Eb major
relative major of F sharp minor      = A major
relative of D dorian                 = C major
Db relative minor                    = Bb natural-minor
G major relative                     = E natural-minor
relative of E                        = C# natural-minor | G major
what is the relative minor of E      = C# natural-minor
parallel of B                        = B natural-minor | B major
parallel minor of B                  = B natural-minor
parallel minor of G major            = G natural-minor
parallel major of A minor            = A major
par minor of C                       = C natural-minor
tonic minor of E flat major          = Eb natural-minor
parallel of D dorian                 = D major
enharmonic of Gb major               = F# major
enharmonic of F sharp major          = Gb major
enh of C# major                      = Db major
enharmonic of Ab minor               = G# natural-minor
enharmonic equivalent of Cb major    = B major
enharmonic of D sharp minor          = Eb natural-minor
enharmonic minor of Eb               = D# natural-minor
parent of D dorian                   = C major
parent of F lydian                   = C major
parent major of G mixolydian         = C major
parent of B flat phrygian            = Gb major
C major vs C minor                   = C major beside C natural-minor | C major beside C harmonic-minor | C major beside C melodic-minor
C major versus A natural minor       = C major beside A natural-minor
compare C major with A natural minor = C major beside A natural-minor
compare D dorian and D natural minor = D dorian beside D natural-minor
D dorian beside E dorian             = D dorian beside E dorian
F# major against Gb major            = F# major beside Gb major
G major and E natural minor side by side = G major beside E natural-minor
D dorian by parent vs chain          = D dorian by parent beside chain
F major vs tetrachords               = F major beside tetrachords
E major by steps versus by signature = E major by step-pattern beside signature
mark B harmonic minor                = mark B harmonic-minor
mark Eb major going down             = mark Eb major down
mark                                 = place mark
mark an answer                       = place mark
class                                = place class
settings                             = place class
students                             = place people
backup                               = place backup
sayings                              = place signatures
Fb major                             = Fb major
B# major                             = B# major
G sharp major                        = G# major
Cb mixolydian                        = Cb mixolydian
E sharp minor                        = E# natural-minor | E# harmonic-minor | E# melodic-minor
A# harmonic minor                    = A# harmonic-minor
d♯ minor pentachord                  = D# minor-pentachord
a flat lydian treble clef            = Ab lydian treble
please show me the scale of B flat harmonic minor = Bb harmonic-minor
derive G phrygian in the tenor clef going down = G phrygian tenor down
Bb major, going up and down, in the bass clef, without a key signature = Bb major both bass none
Build C♯ harmonic minor, going up, in the bass clef, with a key signature. = C# harmonic-minor up bass written
E major to F major                   = route E major to F major
E major to F minor                   = route E major to F minor
E to F                               = route E major to F major | route E minor to F minor
from E to F                          = route E major to F major | route E minor to F minor
route from E to F                    = route E major to F major | route E minor to F minor
go from E major to F major           = route E major to F major
Am to Eb major                       = route A minor to Eb major
D dorian to G major                  = route D dorian to G major
C to A minor                         = route C major to A minor | route C minor to A minor
chords of C major                    = triads of C major
chords of F minor                    = triads of F minor
F minor chords                       = triads of F minor
triads in D dorian                   = triads of D dorian
sevenths of G major                  = sevenths of G major
ii V I in C major                    = sevenths of C major
2 5 1 in Eb major                    = sevenths of Eb major
two five one in A minor              = sevenths of A minor
Gb maj7                              = chord Gb major-seventh
Gb major seventh                     = chord Gb major-seventh
spell Gb major seventh               = chord Gb major-seventh
Gbmaj7                               = chord Gb major-seventh
G flat major seventh                 = chord Gb major-seventh
Dm7                                  = chord D minor-seventh
D minor seventh                      = chord D minor-seventh
G7                                   = chord G dominant-seventh
G dominant seventh                   = chord G dominant-seventh
B dim                                = chord B diminished
B diminished                         = chord B diminished
B diminished seventh                 = chord B diminished-seventh
F#m7b5                               = chord F# half-diminished
F# half diminished                   = chord F# half-diminished
C aug                                = chord C augmented
C+                                   = chord C augmented
spell A minor                        = chord A minor
A minor chord                        = chord A minor
spell Eb                             = chord Eb major
fifth above E                        = fifths of E
5th above B                          = fifths of B
fifth below F                        = fifths of F
V of D                               = chord A major
dominant of Ab                       = chord Eb major
V7 of C                              = chord G dominant-seventh
neighbours of E major                = circle E major
E major on the circle                = circle E major
circle Ab minor                      = circle Ab minor
key book                             = place keyBook
table of keys                        = place keyBook
blank circle                         = place blankCircle
circle of fifths                     = place buildCircle
order of sharps                      = order of sharps
order of flats                       = order of flats
the order of the flats               = order of flats
leading note of A minor              = degree 7 of A harmonic-minor G#
leading tone of E minor              = degree 7 of E harmonic-minor D#
the leading note of F major          = degree 7 of F major E
leading note of C#m                  = degree 7 of C# harmonic-minor B#
subtonic of A minor                  = degree 7 of A natural-minor G
dominant of A minor                  = degree 5 of A natural-minor E
dominant of Eb major                 = degree 5 of Eb major Bb
subdominant of F major               = degree 4 of F major Bb
mediant of D dorian                  = degree 3 of D dorian F
submediant of Ab major               = degree 6 of Ab major F
supertonic of B major                = degree 2 of B major C#
3rd of E dorian                      = degree 3 of E dorian G
third of F major                     = degree 3 of F major A
6th degree of B harmonic minor       = degree 6 of B harmonic-minor G
7th of C harmonic minor              = degree 7 of C harmonic-minor B
degree 4 of G lydian                 = degree 4 of G lydian C#
scale degree 2 of E phrygian         = degree 2 of E phrygian F
degree 6 of F minor                  = degree 6 of F natural-minor Db
what is the dominant of D major      = degree 5 of D major A
what is the leading note of G minor  = degree 7 of G harmonic-minor F#
5th degree in Db major               = degree 5 of Db major Ab
second note of Gb major              = degree 2 of Gb major Ab
fourth above F                       = Bb 4 letters 5 half steps above F
4th above C#                         = F# 4 letters 5 half steps above C#
fourth below F                       = C 4 letters 5 half steps below F
perfect fourth above B               = E 4 letters 5 half steps above B
augmented fourth above F             = B 4 letters 6 half steps above F
diminished fifth above B             = F 5 letters 6 half steps above B
tritone above F                      = B 4 letters 6 half steps above F | Cb 5 letters 6 half steps above F
minor third above D                  = F 3 letters 3 half steps above D
major third above E                  = G# 3 letters 4 half steps above E
major third below Ab                 = Fb 3 letters 4 half steps below Ab
minor third below Eb                 = C 3 letters 3 half steps below Eb
third above C                        = E 3 letters 4 half steps above C | Eb 3 letters 3 half steps above C
second above E                       = F# 2 letters 2 half steps above E | F 2 letters 1 half steps above E
major second below B flat            = Ab 2 letters 2 half steps below Bb
minor second above B                 = C 2 letters 1 half steps above B
augmented second above F             = G# 2 letters 3 half steps above F
major sixth above C                  = A 6 letters 9 half steps above C
minor sixth below C                  = E 6 letters 8 half steps below C
major seventh above Bb               = A 7 letters 11 half steps above Bb
minor seventh above F#               = E 7 letters 10 half steps above F#
third above B##                      = D## 3 letters 3 half steps above B##
octave above D                       = D 8 letters 12 half steps above D
augmented unison above C             = C# 1 letters 1 half steps above C
an augmented fourth above C          = F# 4 letters 6 half steps above C
what is a major third above Gb       = Bb 3 letters 4 half steps above Gb
three half steps below D             = B 3 letters 3 half steps below D
3 half steps above A                 = C 3 letters 3 half steps above A
three semitones above E              = G 3 letters 3 half steps above E
4 semitones above F                  = A 3 letters 4 half steps above F
one half step above B                = C 2 letters 1 half steps above B
a half step below F                  = E 2 letters 1 half steps below F
two whole steps above Ab             = C 3 letters 4 half steps above Ab
a whole step above E                 = F# 2 letters 2 half steps above E
a whole step below Db                = Cb 2 letters 2 half steps below Db
seven half steps above B             = F# 5 letters 7 half steps above B
6 half steps above C                 = F# 4 letters 6 half steps above C | Gb 5 letters 6 half steps above C
five semitones up from Bb            = Eb 4 letters 5 half steps above Bb
twelve half steps above C            = C 8 letters 12 half steps above C
two tones below E                    = C 3 letters 4 half steps below E
cdefgabc                             = name 8 notes
gabcdef#g                            = name 8 notes
cbagfedc                             = name 8 notes
CDEFGABC                             = name 8 notes
DEF#GABC#D                           = name 8 notes
FGABbCDEF                            = name 8 notes
c d eb f g a b c                     = name 8 notes
a b c d e f g# a                     = name 8 notes
f g a bb c d e f                     = name 8 notes
C, D, E, F                           = name 4 notes
C - D - Eb - F - G                   = name 5 notes
C D and E                            = name 3 notes
A flat B flat C                      = name 3 notes
C sharp D sharp E                    = name 3 notes
what is E F# G# A B C# D# E          = name 8 notes
name G A Bb C D Eb F G               = name 8 notes
Bb7                                  = chord Bb dominant-seventh
F#m7                                 = chord F# minor-seventh
Ebmaj7                               = chord Eb major-seventh
Cm7b5                                = chord C half-diminished
G#dim7                               = chord G# diminished-seventh
Bb aug                               = chord Bb augmented
C+                                   = chord C augmented
EM7                                  = chord E major-seventh
A min7                               = chord A minor-seventh
D minor major seventh                = chord D minor-major-seventh
Db augmented major seventh           = chord Db augmented-major-seventh
F half diminished                    = chord F half-diminished
spell F# minor                       = chord F# minor
spell Bb m                           = chord Bb minor
spell C major chord                  = chord C major
Ab minor triad                       = chord Ab minor
G 7th                                = chord G dominant-seventh
B dom 7                              = chord B dominant-seventh
E°                                   = chord E diminished
E°7                                  = chord E diminished-seventh
fifth above Bb                       = fifths of Bb
V of A                               = chord E major
E harmonisch minor                   = E harmonic-minor
B melodisch moll                     = B melodic-minor
C natürlich moll                     = C natural-minor
D dorisch                            = D dorian
seven flats                          = signs -7
0 sharps                             = signs 0
no flats                             = signs 0
three sharps minor                   = signs 3 minor
which minor key has five flats       = signs -5 minor
key with 2 sharps                    = signs 2
2#                                   = signs 2
5b                                   = signs -5
last flat Ab                         = signs -3
last sharp is E#                     = signs 6
E phrygian both                      = E phrygian both
B harmonic minor up and down         = B harmonic-minor both
F lydian descending                  = F lydian down
mark E melodic minor down            = mark E melodic-minor down
mark C# harmonic minor               = mark C# harmonic-minor
C# minor to E major                  = route C# minor to E major
from B to Gb                         = route B major to Gb major | route B minor to Gb minor
chords of E minor                    = triads of E minor
sevenths in C# minor                 = sevenths of C# minor
`;

/** Lines that must be refused, each with a word of the reason. */
export const REFUSED = `
bebop                                > bebop
C bebop                              > bebop
H major                              > H
cis-moll                             > cis
major                                > together
minor                                > together
harmonic                             > together
8 flats                              > 8
nine sharps                          > nine
12 sharps                            > 12
eight flats minor                    > 8
W W H H                              > 6
W W H W W W                          > 11
2 2 1 2 2 2 1 2                      > 14
W W H W W W W from E                 > 12
C D                                  > together
route from E                         > together
route to nowhere                     > nowhere
from E to                            > together
chords of                            > together
chords of nothing                    > nothing
G## augmented                        > A augmented sounds the same
fifth above                          > together
V of nothing                         > nothing
neighbours                           > together
E major to                           > together
hello                                > hello
play C major                         > play
C major at 120                       > at
transpose C major                    > transpose
4                                    > together
sharps                               > together
flats                                > together
of                                   > together
the                                  > together
C major minor                        > together
C harmonic dorian                    > together
C natural harmonic dorian            > together
last sharp is H                      > H
last sharp is G                      > together
last flat is C                       > together
last sharp but one is B#             > 8
relative                             > together
relative of                          > together
parallel of nothing                  > nothing
enharmonic of D major                > together
parent of C major                    > together
signature of                         > together
signature of nothing                 > nothing
C vs                                 > together
compare                              > together
C major by magic                     > magic
E serpent                            > serpent
G## major                            > G𝄪
G double sharp harmonic minor        > G𝄪
Bbb lydian minor                     > together
3 sharps 2 flats                     > together
C D X                                > X
1 2 3                                > 6
0                                    > together
@@@                                  > @@@
ebfgabbbcdeb                         > ebfgabbbcdeb
cdegabc                              > cdegabc
C D E H                              > H
C D E X F                            > X
major fourth above C                 > together
perfect third above E                > together
minor fifth above B                  > together
leading note of                      > together
leading note of D dorian             > together
leading note of nothing              > nothing
order of                             > together
order of naturals                    > naturals
degree 9 of C major                  > together
fourth above                         > together
fourth above H                       > H
fourth beside F                      > together
three half steps below               > together
three half steps below X             > X
thirteen half steps above C          > thirteen
13 half steps above C                > 13
no half steps above C                > together
Fis7                                 > Fis7
Hm7                                  > Hm7
C9                                   > C9
Cmaj9                                > Cmaj9
major third above B##                > together
constructor                          > constructor
C constructor                        > constructor
toString                             > toString
relative of constructor              > constructor
`;
