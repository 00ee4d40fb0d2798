/*
 * The loop of core/Pan/Simulation.php once more in C, as a measure of its speed and a second opinion on its arithmetic.
 * cc -O2 -o pan tests/Reference/pan.c -lm; ./pan REPEATS
 * Cooks the same pan so many times (see pan-seconds.php) and prints the end state and the seconds it took, as JSON.
 */
#include <math.h>
#include <stdio.h>
#include <stdlib.h>
#include <time.h>

static const double GAS = 8.314462618, ZERO_C = 273.15, LATENT = 2257.0, WATER = 4.18, RICE_HEAT = 1.6;

enum { FOODS = 4, GIVING_STEPS = 5 };
typedef struct {
    double second, free, drunk, temperature, doneness, sealed, boiled_off, net, cover, losing, lost, extras, brought, floor, dried, gives[FOODS], share[FOODS];
    int foods;
} state;
typedef struct { double rice, rate, hot, boiling, room, air, area, rim_area, metal, floor_metal; } pan;

static double saturation(double c) { return 101325.0 / 760.0 * pow(10.0, 8.07131 - 1730.63 / (233.426 + c)); }

static double pace(double c) {
    double k = c + ZERO_C, turn = 85.0 + ZERO_C, reference = 100.0 + ZERO_C;
    if (c >= 85.0) return exp(-44000.0 / GAS * (1 / k - 1 / reference));
    return exp(-44000.0 / GAS * (1 / turn - 1 / reference) - 100000.0 / GAS * (1 / k - 1 / turn));
}

static double equilibrium(double c, double hot) {
    double share = (c - 60.0) / 20.0;
    if (share < 0) share = 0;
    if (share > 1) share = 1;
    return 0.35 + (hot - 0.35) * share;
}

static double water_in(double drunk) { return 790.0 * drunk / (1 + drunk); }

/* How a crust of this thickness lets heat through in one step. */
typedef struct { double resistance, out, keeps, mean; } crust;

static crust crust_of(const pan *p, const state *s) {
    double thick = s->dried > 0 ? s->dried / 1000 / p->area / water_in(s->drunk + s->dried / p->rice) : 0;
    crust c = {.resistance = 0.0045 + thick / 0.20};
    double tau;
    c.out = 1 / c.resistance + (s->net > 0 ? 0 : 20.0);
    tau = (p->floor_metal + 5.2e5 * thick / 2) / c.out;
    c.keeps = exp(-1.0 / tau);
    c.mean = (1 - c.keeps) * tau;
    return c;
}

static void wet(const pan *p, state *s) {
    if (s->free > 0.004 * p->rice) s->floor = s->dried = 0;
}

static void pour(const pan *p, state *s, double volume, double temperature) {
    double held = p->metal + s->extras + RICE_HEAT * p->rice + WATER * (s->free + p->rice * s->drunk), added = WATER * volume;
    s->temperature = (held * s->temperature + added * temperature) / (held + added);
    s->free += volume;
    wet(p, s);
}

static void add(const pan *p, state *s, double capacity, double temperature, double gives, double tau, double at_once) {
    double held = p->metal + s->extras + RICE_HEAT * p->rice + WATER * (s->free + p->rice * s->drunk);
    s->temperature = (held * s->temperature + capacity * temperature) / (held + capacity);
    s->extras += capacity - WATER * at_once;
    s->free += at_once;
    s->brought += at_once;
    wet(p, s);
    if (gives != 0) {
        s->gives[s->foods] = gives;
        s->share[s->foods++] = 1 - exp(-GIVING_STEPS / (60 * tau));
    }
}

static void run(const pan *p, state *s, double until) {
    const double dt = 1.0, rate = p->rate * dt / 60, half_wet = 0.05 * p->rice, opening = exp(-dt / 120.0);
    const double dry_pace = s->cover > 0 ? 0.40 : 0.25;
    const double lid_loses = s->cover > 0 && s->losing <= 0 ? 12.0 * p->rim_area * (p->boiling - p->room) * dt : 0;
    const double surface = 1.8 / (saturation(90.0) - 0.5 * saturation(20.0)) * p->area * (1 - s->cover) * dt, heat = s->net * dt;
    const int foods = s->foods;
    const double bare = 0.004 * p->rice;
    double metal = p->metal + s->extras + RICE_HEAT * p->rice, brought = 0;
    int bare_steps = 0;
    crust c = {0};
    double was = -ZERO_C, at = -ZERO_C, speed = 0, speed_at = 0, speed_slope = 0, most = 0, pressure = 0, pressure_at = 0, pressure_slope = 0;
    int to_give = GIVING_STEPS - (int)lround(s->second / dt) % GIVING_STEPS;
    while (s->second < until - dt / 2) {
        double wet = s->free > 0 ? s->free / (s->free + half_wet) : 0, drinks = 0, vapour, capacity, left, touched, cools, beyond, through, warms = heat, dries = 0;
        int is_bare;
        if (s->temperature != was) {
            double off = s->temperature - at;
            if (off > 0.25 || off < -0.25 || s->temperature >= p->boiling) {
                double kelvin = s->temperature + ZERO_C;
                at = s->temperature;
                speed_at = pace(at);
                speed_slope = speed_at * (at >= 85.0 ? 44000.0 : 100000.0) / GAS / (kelvin * kelvin);
                pressure_at = saturation(at);
                pressure_slope = pressure_at * M_LN10 * 1730.63 / ((233.426 + at) * (233.426 + at));
                pressure_at -= p->air;
                off = 0;
            }
            speed = speed_at + speed_slope * off;
            pressure = pressure_at + pressure_slope * off;
            most = s->temperature >= 80.0 ? p->hot : equilibrium(s->temperature, p->hot);
            was = s->temperature;
        }
        if (s->free > 0) {
            double thirst = most - s->drunk;
            if (thirst > 0) {
                drinks = p->rice * rate * speed * thirst * (1 - s->sealed) * wet;
                if (drinks > s->free) drinks = s->free;
            }
            s->sealed *= opening;
        }
        touched = 1.05 * wet;
        if (s->temperature > 60.0) {
            if (touched > 1) touched = 1;
            else if (touched < dry_pace && s->drunk > 0.35) touched = dry_pace;
            s->doneness += speed * touched * dt / 60;
        }
        if (foods > 0 && --to_give <= 0) {
            to_give = GIVING_STEPS;
            for (int food = 0; food < foods && s->temperature > 60.0; food++) {
                double water = s->gives[food] * s->share[food];
                if (water < drinks - s->free) water = drinks - s->free;
                s->gives[food] -= water;
                s->free += water;
                brought += water;
                metal -= WATER * water;
            }
        }
        vapour = surface * wet * pressure;
        if (vapour < 0) vapour = 0;
        capacity = metal + WATER * (s->free + p->rice * s->drunk);
        cools = s->losing * dt * (s->temperature - p->room);
        s->lost += cools;
        is_bare = s->free <= bare && (heat > 0 || s->floor > s->temperature + 2);
        if (is_bare) {
            double hottest, off, over;
            if (bare_steps++ % 4 == 0) c = crust_of(p, s);
            hottest = (s->net / p->area + (s->net > 0 ? 0 : 20.0) * p->room + s->temperature / c.resistance) / c.out;
            off = (s->floor > s->temperature ? s->floor : s->temperature) - hottest;
            s->floor = hottest + off * c.keeps;
            over = hottest + off * c.mean - s->temperature;
            warms = over > 0 ? over / c.resistance * p->area * dt : 0;
        }
        s->temperature += (warms - cools - vapour * LATENT) / capacity;
        if (s->temperature > p->boiling) {
            beyond = (s->temperature - p->boiling) * capacity;
            if (lid_loses > 0) {
                through = beyond < lid_loses ? beyond : lid_loses;
                s->lost += through;
                beyond -= through;
            }
            if (is_bare) dries = beyond / LATENT;
            else vapour += beyond / LATENT;
            s->temperature = p->boiling;
        }
        left = s->free - drinks;
        if (vapour > left) vapour = left;
        s->free = left - vapour;
        s->boiled_off += vapour;
        s->drunk += drinks / p->rice;
        if (dries > 0) {
            if (dries > p->rice * s->drunk) dries = p->rice * s->drunk;
            s->dried += dries;
            s->boiled_off += dries;
            s->drunk -= dries / p->rice;
        }
        s->second += dt;
    }
    s->brought += brought;
    s->extras -= WATER * brought;
}

int main(int argc, char **argv) {
    long repeats = argc > 1 ? atol(argv[1]) : 1000;
    pan p = {320.0, 0.0660, 2.40, 0, 24.0, 0, 0, 0, 900.0, 0};
    state s = {0};
    struct timespec from, to;
    p.boiling = 1730.63 / (8.07131 - log10(101325.0 / (101325.0 / 760.0))) - 233.426;
    p.air = 0.5 * saturation(24.0);
    p.area = M_PI * 0.13 * 0.13;
    p.rim_area = M_PI * 0.14 * 0.14;
    p.floor_metal = p.metal / (p.area + M_PI * 0.27 * hypot(0.07, 0.01));
    clock_gettime(CLOCK_MONOTONIC, &from);
    for (long i = 0; i < repeats; i++) {
        s = (state){.temperature = 100.0, .sealed = 1.0, .net = 800.0};
        for (int dose = 0; dose < 9; dose++) {
            run(&p, &s, 110.0 * dose);
            pour(&p, &s, 125.0, 90.0);
            // Mushrooms with the third dose, purée with the seventh: as in pan-seconds.php.
            if (dose == 2) add(&p, &s, 590.0, 5.0, 62.0, 5.0, 0.0);
            if (dose == 6) add(&p, &s, 370.0, 5.0, 0.0, 0.0, 60.0);
        }
        run(&p, &s, 3000.0);
    }
    clock_gettime(CLOCK_MONOTONIC, &to);
    printf("{\"seconds\":%.9f,\"free\":%.12g,\"drunk\":%.12g,\"doneness\":%.12g,\"brought\":%.12g,\"dried\":%.12g}\n",
           (double)(to.tv_sec - from.tv_sec) + 1e-9 * (double)(to.tv_nsec - from.tv_nsec), s.free, s.drunk, s.doneness, s.brought, s.dried);
    return 0;
}
