/* Solves a line as core/src/Line does, to time the same algorithm without PHP: Newton's method on the whole network, what stands in series
   as one chain, eliminated in the order of least degree. Reads what deploy/bench/line.php writes, and prints the microseconds of one solve. */
#include <math.h>
#include <stdio.h>
#include <stdlib.h>
#include <string.h>
#include <time.h>

#define MOST 128
#define GUESS 4.0
#define SHUT 1e9
#define FLATTEST 1e-6
#define LEAST 1e-4
#define CONVERGED 3e-9

enum { PIPE, LOSS, PUMP };

typedef struct {
    int kind, from, to, forward, points;
    double perVelocity, perReynolds, lengthInBores, halfDensity, roughness, kSum;
    double ratedLpm, ratedKpa, exponent;
    double curve[8][2];
} Link;

static int nodes, links, taps;
static double ground[MOST], fixedHead[MOST];
static int isFixed[MOST];
static Link link_[MOST];
static int tapNode[MOST];
static double tapK[MOST];
static int live[MOST];

static void colebrook(double re, double rough, double *f, double *slope) {
    double x = -1.8 * log10(pow(rough / 3.7, 1.11) + 6.9 / re), step, by;
    do {
        double inside = rough / 3.7 + 2.51 * x / re;
        by = 2 * 2.51 / (re * inside * M_LN10);
        step = (x + 2 * log10(inside)) / (1 + by);
        x -= step;
    } while (fabs(step) > 1e-13 * fabs(x));
    *f = 1 / (x * x);
    *slope = -2 / (x * x * x) * by * x / re / (1 + by);
}

static void friction(double re, double rough, double *f, double *slope) {
    if (re <= 2300) {
        *f = 64 / re;
        *slope = -64 / (re * re);
    } else if (re >= 4000) {
        colebrook(re, rough, f, slope);
    } else {
        double at, unused, laminar = 64 / 2300.0;
        colebrook(4000, rough, &at, &unused);
        *slope = (at - laminar) / 1700;
        *f = laminar + *slope * (re - 2300);
    }
}

static void lossOf(const Link *l, double q, double *kpa, double *slope) {
    if (l->kind == PIPE) {
        double re = fabs(q) * l->perReynolds, f, change, v2, heads;
        if (re < 1e-9) {
            *kpa = 0;
            *slope = 64 / l->perReynolds * l->lengthInBores * l->halfDensity * l->perVelocity * l->perVelocity;
            return;
        }
        friction(re, l->roughness, &f, &change);
        v2 = l->halfDensity * pow(l->perVelocity * q, 2);
        heads = f * l->lengthInBores + l->kSum;
        *kpa = q < 0 ? -heads * v2 : heads * v2;
        *slope = (2 * heads + change * re * l->lengthInBores) * v2 / fabs(q);
    } else if (l->kind == LOSS) {
        double part = fabs(q) / l->ratedLpm, power = l->exponent == 2 ? part : pow(part, l->exponent - 1), p = l->ratedKpa * power * part;
        *kpa = q < 0 ? -p : p;
        *slope = l->exponent * l->ratedKpa * power / l->ratedLpm;
    } else {
        int i = 1;
        while (i < l->points - 1 && q > l->curve[i][0]) i++;
        *slope = (l->curve[i - 1][1] - l->curve[i][1]) / (l->curve[i][0] - l->curve[i - 1][0]);
        *kpa = -l->curve[i - 1][1] + *slope * (q - l->curve[i - 1][0]);
    }
}

static void straight(const Link *l, double q, double *kpa, double *slope) {
    double zero, unused;
    lossOf(l, 0, &zero, &unused);
    if (q < 0 && l->forward) {
        *kpa = zero + SHUT * q;
        *slope = SHUT;
        return;
    }
    lossOf(l, q, kpa, slope);
    if (fabs(q) < LEAST && zero == 0) {
        double at;
        lossOf(l, LEAST, &at, &unused);
        *slope = at / LEAST;
        *kpa = *slope * q;
    }
    if (*slope < FLATTEST) *slope = FLATTEST;
}

static void reach(int *reached, int forward) {
    int found = 1;
    while (found) {
        found = 0;
        for (int i = 0; i < links; i++) {
            int near = forward ? link_[i].from : link_[i].to, far = forward ? link_[i].to : link_[i].from;
            if (reached[near] && !reached[far]) reached[far] = found = 1;
            else if (!link_[i].forward && reached[far] && !reached[near]) reached[near] = found = 1;
        }
    }
}

static void findLive(void) {
    int source[MOST], sink[MOST], isSink[MOST], degree[MOST] = {0}, pruned = 1;
    for (int i = 0; i < nodes; i++) source[i] = isSink[i] = isFixed[i];
    for (int i = 0; i < taps; i++) isSink[tapNode[i]] = 1;
    memcpy(sink, isSink, sizeof sink);
    reach(source, 1);
    reach(sink, 0);
    for (int i = 0; i < links; i++) {
        live[i] = (source[link_[i].from] && sink[link_[i].to]) || (!link_[i].forward && source[link_[i].to] && sink[link_[i].from]);
        if (live[i]) degree[link_[i].from]++, degree[link_[i].to]++;
    }
    while (pruned) {
        pruned = 0;
        for (int i = 0; i < links; i++)
            if (live[i] && ((degree[link_[i].from] == 1 && !isSink[link_[i].from]) || (degree[link_[i].to] == 1 && !isSink[link_[i].to])))
                live[i] = 0, degree[link_[i].from]--, degree[link_[i].to]--, pruned = 1;
    }
}

/* What stands in series has one flow: its pipes of one bore as one, and its other links. */
typedef struct {
    int from, to, parts, pipes, part[MOST];
    double sign[MOST];
    Link pipe[8];
} Chain;

static Chain chain[MOST];
static int chains;

static void addTo(Chain *c, int number, double sign) {
    Link *l = &link_[number];
    if (l->kind != PIPE) {
        c->sign[c->parts] = sign;
        c->part[c->parts++] = number;
        return;
    }
    for (int i = 0; i < c->pipes; i++)
        if (c->pipe[i].perReynolds == l->perReynolds && c->pipe[i].roughness == l->roughness) {
            c->pipe[i].lengthInBores += l->lengthInBores;
            c->pipe[i].kSum += l->kSum;
            return;
        }
    c->pipe[c->pipes++] = *l;
}

static void findChains(void) {
    int meets[MOST] = {0}, drawn[MOST] = {0}, at[MOST][2], junction[MOST];
    for (int i = 0; i < nodes; i++) junction[i] = isFixed[i];
    for (int i = 0; i < taps; i++) junction[tapNode[i]] = 1;
    for (int i = 0; i < links; i++) {
        if (!live[i]) continue;
        for (int end = 0; end < 2; end++) {
            int node = end ? link_[i].to : link_[i].from;
            if (meets[node] < 2) at[node][meets[node]] = i;
            meets[node]++;
        }
    }
    for (int i = 0; i < nodes; i++)
        if (meets[i] != 2) junction[i] = 1;
    chains = 0;
    for (int pass = 0; pass < 2; pass++)
        for (int i = 0; i < links; i++) {
            if (!live[i] || drawn[i] || (!pass && !junction[link_[i].from] && !junction[link_[i].to])) continue;
            Chain *c = &chain[chains++];
            int number = i, end = junction[link_[i].from] || pass ? link_[i].from : link_[i].to;
            double forward = 0;
            memset(c, 0, sizeof *c);
            c->from = end;
            do {
                double sign = link_[number].from == end ? 1 : -1;
                addTo(c, number, sign);
                drawn[number] = 1;
                forward += link_[number].forward ? sign : 0;
                end = sign > 0 ? link_[number].to : link_[number].from;
                number = at[end][0] == number ? at[end][1] : at[end][0];
            } while (!junction[end] && !drawn[number]);
            c->to = end;
            if (forward < 0) {
                c->to = c->from;
                c->from = end;
                for (int j = 0; j < c->parts; j++) c->sign[j] = -c->sign[j];
            }
        }
}

static int pivot[MOST], count[MOST], near_[MOST][MOST], unknown[MOST], size;

static void order(void) {
    static char meets[MOST][MOST];
    char done[MOST] = {0};
    memset(meets, 0, sizeof meets);
    size = 0;
    for (int i = 0; i < nodes; i++) unknown[i] = -1;
    for (int i = 0; i < chains; i++)
        for (int end = 0; end < 2; end++) {
            int node = end ? chain[i].to : chain[i].from;
            if (!isFixed[node] && unknown[node] < 0) unknown[node] = size++;
        }
    for (int i = 0; i < chains; i++) {
        int a = unknown[chain[i].from], b = unknown[chain[i].to];
        if (a >= 0 && b >= 0 && a != b) meets[a][b] = meets[b][a] = 1;
    }
    for (int k = 0; k < size; k++) {
        int best = -1, least = MOST;
        for (int i = 0; i < size; i++) {
            if (done[i]) continue;
            int degree = 0;
            for (int j = 0; j < size; j++) degree += !done[j] && meets[i][j];
            if (degree < least) best = i, least = degree;
        }
        done[best] = 1;
        pivot[k] = best;
        count[k] = 0;
        for (int j = 0; j < size; j++)
            if (!done[j] && meets[best][j]) near_[k][count[k]++] = j;
        for (int i = 0; i < count[k]; i++)
            for (int j = 0; j < count[k]; j++)
                if (i != j) meets[near_[k][i]][near_[k][j]] = 1;
    }
}

static int solve(double *tapFlow) {
    static double off[MOST][MOST];
    double head[MOST], flow[MOST], diagonal[MOST], right[MOST], taken[MOST][2], tapped[MOST][2];
    int iteration = 0, converged = 0;
    double before = INFINITY;
    findLive();
    findChains();
    order();
    memcpy(head, fixedHead, sizeof head);
    for (int i = 0; i < chains; i++) flow[i] = GUESS;
    for (int i = 0; i < taps; i++) tapFlow[i] = GUESS;
    while (!converged && iteration < 200) {
        double part = ++iteration > 20 ? 0.6 : 1, change = 0, sum = 0;
        for (int i = 0; i < size; i++) diagonal[i] = right[i] = 0;
        for (int k = 0; k < size; k++)
            for (int i = 0; i < count[k]; i++) off[pivot[k]][near_[k][i]] = off[near_[k][i]][pivot[k]] = 0;
        for (int i = 0; i < chains; i++) {
            double kpa = 0, slope = 0, one, steep, conductance, constant;
            int a = unknown[chain[i].from], b = unknown[chain[i].to];
            for (int j = 0; j < chain[i].pipes; j++) {
                lossOf(&chain[i].pipe[j], flow[i], &one, &steep);
                kpa += one, slope += steep;
            }
            for (int j = 0; j < chain[i].parts; j++) {
                straight(&link_[chain[i].part[j]], chain[i].sign[j] * flow[i], &one, &steep);
                kpa += chain[i].sign[j] * one, slope += steep;
            }
            conductance = 1 / fmax(FLATTEST, slope);
            taken[i][0] = kpa, taken[i][1] = conductance;
            if (chain[i].from == chain[i].to) continue;
            constant = flow[i] - kpa * conductance;
            if (a >= 0) diagonal[a] += conductance, right[a] -= constant - (b < 0 ? conductance * head[chain[i].to] : 0);
            if (b >= 0) diagonal[b] += conductance, right[b] += constant + (a < 0 ? conductance * head[chain[i].from] : 0);
            if (a >= 0 && b >= 0) off[a][b] -= conductance, off[b][a] -= conductance;
        }
        for (int i = 0; i < taps; i++) {
            double q = tapFlow[i], kpa, slope, conductance;
            int a = unknown[tapNode[i]];
            if (q < 0) slope = SHUT, kpa = SHUT * q;
            else if (q < LEAST) slope = 100 * LEAST / (tapK[i] * tapK[i]), kpa = slope * q;
            else kpa = 100 * pow(q / tapK[i], 2), slope = 200 * q / (tapK[i] * tapK[i]);
            conductance = 1 / slope;
            tapped[i][0] = kpa, tapped[i][1] = conductance;
            if (a >= 0) diagonal[a] += conductance, right[a] += kpa * conductance - q + conductance * ground[tapNode[i]];
        }
        for (int k = 0; k < size; k++) {
            int p = pivot[k];
            double inverse = 1 / diagonal[p];
            for (int i = 0; i < count[k]; i++) {
                int a = near_[k][i];
                double factor = off[p][a] * inverse;
                right[a] -= factor * right[p];
                for (int j = 0; j < count[k]; j++) {
                    int b = near_[k][j];
                    if (a == b) diagonal[a] -= factor * off[p][b];
                    else off[a][b] -= factor * off[p][b];
                }
            }
        }
        for (int k = size - 1; k >= 0; k--) {
            double value = right[pivot[k]];
            for (int i = 0; i < count[k]; i++) value -= off[pivot[k]][near_[k][i]] * right[near_[k][i]];
            right[pivot[k]] = value / diagonal[pivot[k]];
        }
        for (int i = 0; i < nodes; i++)
            if (unknown[i] >= 0) head[i] = right[unknown[i]];
        for (int i = 0; i < chains; i++) {
            double step = part * (head[chain[i].from] - head[chain[i].to] - taken[i][0]) * taken[i][1];
            flow[i] += step;
            change = fmax(change, fabs(step));
            sum += fabs(flow[i]);
        }
        for (int i = 0; i < taps; i++) {
            double step = part * (head[tapNode[i]] - ground[tapNode[i]] - tapped[i][0]) * tapped[i][1];
            tapFlow[i] += step;
            change = fmax(change, fabs(step));
            sum += fabs(tapFlow[i]);
        }
        converged = (isinf(before) ? change : change * fmin(1, change / fmax(before, 1e-300))) <= CONVERGED * fmax(1, sum);
        before = change;
    }
    return iteration;
}

int main(int argc, char **argv) {
    int rounds = argc > 1 ? atoi(argv[1]) : 2000;
    double tapFlow[MOST];
    struct timespec from, to;
    if (scanf("%d %d %d", &nodes, &links, &taps) != 3 || nodes > MOST || links > MOST || taps > MOST) return 2;
    for (int i = 0; i < nodes; i++)
        if (scanf("%lf %d %lf", &ground[i], &isFixed[i], &fixedHead[i]) != 3) return 2;
    for (int i = 0; i < links; i++) {
        Link *l = &link_[i];
        if (scanf("%d %d %d %d", &l->kind, &l->from, &l->to, &l->forward) != 4) return 2;
        if (l->kind == PIPE && scanf("%lf %lf %lf %lf %lf %lf", &l->perVelocity, &l->perReynolds, &l->lengthInBores, &l->halfDensity, &l->roughness, &l->kSum) != 6) return 2;
        if (l->kind == LOSS && scanf("%lf %lf %lf", &l->ratedLpm, &l->ratedKpa, &l->exponent) != 3) return 2;
        if (l->kind == PUMP) {
            if (scanf("%d", &l->points) != 1 || l->points > 8) return 2;
            for (int j = 0; j < l->points; j++)
                if (scanf("%lf %lf", &l->curve[j][0], &l->curve[j][1]) != 2) return 2;
        }
    }
    for (int i = 0; i < taps; i++)
        if (scanf("%d %lf", &tapNode[i], &tapK[i]) != 2) return 2;
    for (int i = 0; i < rounds; i++) solve(tapFlow);
    clock_gettime(CLOCK_MONOTONIC, &from);
    for (int i = 0; i < rounds; i++) solve(tapFlow);
    clock_gettime(CLOCK_MONOTONIC, &to);
    printf("%.6f", ((to.tv_sec - from.tv_sec) * 1e9 + (to.tv_nsec - from.tv_nsec)) / 1e3 / rounds);
    for (int i = 0; i < taps; i++) printf(" %.9g", tapFlow[i]);
    printf("\n");
    return 0;
}
