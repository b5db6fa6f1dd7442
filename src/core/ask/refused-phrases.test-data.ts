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
hum C major                          > hum
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
