/*
 * Fits the recogniser's sounds to a noisy line, without anybody having to speak into one.
 *
 *   noise ACOUSTIC-MODEL DECIBELS=FOLDER...
 *
 * Standard input holds clean speech: for each utterance four bytes of length (little endian) and so many bytes of
 * samples, 16 kHz, 16 bit, one channel. Each is heard twice, clean and with noise so many decibels below it, and where
 * the clean one tells which of the model's Gaussians a moment belongs to, the noisy one tells where that Gaussian has
 * moved to and how wide it has become (single-pass retraining, after Gales, 1995). Who speaks does not matter much, for
 * only the shift between the two is learnt; a Gaussian that is seldom heard moves as those of its sound do on average.
 * Each FOLDER gets "means" and "variances" in the recogniser's own format; the rest of the model stays as it is.
 */
#include <math.h>
#include <pocketsphinx.h>
#include <sphinxbase/err.h>
#include <sphinxbase/fe.h>
#include <stdint.h>
#include <stdio.h>
#include <stdlib.h>
#include <string.h>

enum { CEPSTRA = 13, STREAMS = 3, MOST_LEVELS = 4, MOST_BYTES = 1 << 24, BEFORE = 4800, AFTER = 8000, REACH = 4 };
/* So many moments' worth the average shift of a sound weighs beside a Gaussian's own, and a line over all beside a sound's. */
static const double OWN_AFTER = 10, SOUND_AFTER = 200;
/* A frame this much below the loudest (in the first cepstrum) is silence, but for so many frames around speech. */
static const float SILENT_BELOW = 28;
enum { AROUND = 12 };
static const double LEAST_VARIANCE = 1e-4, LEAST_RATIO = 0.25, MOST_RATIO = 4;

struct table {
    char *file;
    long bytes, at;
    float *values;
};

struct level {
    double decibels;
    const char *folder;
    double *sum, *square;
};

static int sounds, mixtures;
static struct table means, variances;
static double *weight, *sum, *square;
static float *halves, *constants, *shares;
static struct level levels[MOST_LEVELS];
static int level_count;
static fe_t *fe;

static void fail(const char *why)
{
    fprintf(stderr, "%s\n", why);
    exit(1);
}

static long gaussian(int sound, int stream, int k)
{
    return ((long)sound * STREAMS + stream) * mixtures + k;
}

static struct table read_table(const char *folder, const char *name)
{
    struct table t = { 0 };
    char path[1000];
    snprintf(path, sizeof path, "%s/%s", folder, name);
    FILE *f = fopen(path, "rb");
    if (!f)
        fail("the acoustic model cannot be read");
    fseek(f, 0, SEEK_END);
    t.bytes = ftell(f);
    rewind(f);
    t.file = calloc(1, t.bytes + 1);
    if (fread(t.file, 1, t.bytes, f) != (size_t)t.bytes)
        fail("the acoustic model cannot be read");
    fclose(f);
    char *end = strstr(t.file, "endhdr\n");
    int32_t head[8];
    if (!end || end - t.file + 7 + (long)sizeof head > t.bytes)
        fail("the acoustic model is in no known format");
    t.at = end - t.file + 7;
    memcpy(head, t.file + t.at, sizeof head);
    if (head[0] != 0x11223344 || head[2] != STREAMS || head[4] != CEPSTRA || head[5] != CEPSTRA || head[6] != CEPSTRA)
        fail("the acoustic model is in no known format");
    sounds = head[1];
    mixtures = head[3];
    t.at += sizeof head;
    if (head[7] != gaussian(sounds, 0, 0) * CEPSTRA || t.at + 4L * head[7] > t.bytes)
        fail("the acoustic model is in no known format");
    t.values = malloc(4L * head[7]);
    memcpy(t.values, t.file + t.at, 4L * head[7]);
    return t;
}

static void write_table(const struct table *t, const char *folder, const char *name, const float *values)
{
    char path[1000];
    snprintf(path, sizeof path, "%s/%s", folder, name);
    FILE *f = fopen(path, "wb");
    if (!f)
        fail("the folder cannot be written to");
    /* Without a checksum the recogniser asks for none. */
    fputs("s3\nversion 1.0\nendhdr\n", f);
    fwrite(t->file + t->at - 32, 1, 32, f);
    fwrite(values, 4, gaussian(sounds, 0, 0) * CEPSTRA, f);
    if (fclose(f) != 0)
        fail("the folder cannot be written to");
}

static uint32_t dice = 2463534242u;

static double random_share(void)
{
    dice ^= dice << 13;
    dice ^= dice >> 17;
    dice ^= dice << 5;
    return dice / 4294967296.0;
}

/** Noise that is pink, white and brown in shares that differ from one to the next, as rooms and streets do. */
static void add_noise(const int16 *clean, int16 *noisy, long n, double decibels)
{
    double pink = 0.3 + random_share(), white = 0.6 * random_share(), brown = 0.5 * random_share();
    double b0 = 0, b1 = 0, b2 = 0, low = 0, own = 0, speech = 0;
    double *noise = malloc(n * sizeof *noise);
    for (long i = 0; i < n; i++) {
        double w = 2 * random_share() - 1;
        b0 = 0.99765 * b0 + w * 0.099046;
        b1 = 0.963 * b1 + w * 0.2965164;
        b2 = 0.57 * b2 + w * 1.0526913;
        low = 0.98 * low + 0.2 * w;
        noise[i] = pink * (b0 + b1 + b2 + 0.1848 * w) + white * w + brown * low;
        own += noise[i] * noise[i];
        speech += (double)clean[i] * clean[i];
    }
    double loud = sqrt(speech / (n - BEFORE - AFTER)) * pow(10, -decibels / 20) / sqrt(own / n);
    for (long i = 0; i < n; i++) {
        double v = clean[i] + noise[i] * loud;
        noisy[i] = v > 32767 ? 32767 : v < -32768 ? -32768 : (int16)lrint(v);
    }
    free(noise);
}

static mfcc_t **cepstra(const int16 *samples, long n, int *count)
{
    int32 room = n / 160 + 5, last = 0;
    mfcc_t **out = (mfcc_t **)ckd_calloc_2d(room, CEPSTRA, sizeof(mfcc_t));
    size_t left = n;
    fe_start_utt(fe);
    fe_process_frames(fe, &samples, &left, out, &room, NULL);
    fe_end_utt(fe, out[room], &last);
    *count = room + last;
    return out;
}

/** A moment as the recogniser sees it: the cepstra, how they change, and how that changes. */
static void seen(mfcc_t **c, const int *kept, const double *mean, int i, float out[STREAMS][CEPSTRA])
{
#define AT(j) (c[kept[j]][d] - mean[d])
    for (int d = 0; d < CEPSTRA; d++) {
        out[0][d] = AT(i);
        out[1][d] = AT(i + 2) - AT(i - 2);
        out[2][d] = (AT(i + 3) - AT(i - 1)) - (AT(i + 1) - AT(i - 3));
    }
#undef AT
}

/** How much a moment belongs to each Gaussian: by its sound, and within it. */
static void belongs(float x[STREAMS][CEPSTRA], double *of_sound)
{
    double best = -1e30, all = 0;
    for (int c = 0; c < sounds; c++) {
        of_sound[c] = 0;
        for (int s = 0; s < STREAMS; s++) {
            float *share = shares + gaussian(c, s, 0), most = -1e30f, total = 0;
            for (int k = 0; k < mixtures; k++) {
                long g = gaussian(c, s, k);
                float v = constants[g];
                for (int d = 0; d < CEPSTRA; d++) {
                    float off = x[s][d] - means.values[g * CEPSTRA + d];
                    v -= off * off * halves[g * CEPSTRA + d];
                }
                share[k] = v;
                if (v > most)
                    most = v;
            }
            for (int k = 0; k < mixtures; k++)
                total += share[k] = expf(share[k] - most);
            for (int k = 0; k < mixtures; k++)
                share[k] /= total;
            of_sound[c] += most + logf(total);
        }
        if (of_sound[c] > best)
            best = of_sound[c];
    }
    for (int c = 0; c < sounds; c++)
        all += of_sound[c] = exp((of_sound[c] - best) / 2);
    for (int c = 0; c < sounds; c++)
        of_sound[c] /= all;
}

static void count(float x[STREAMS][CEPSTRA], float y[MOST_LEVELS][STREAMS][CEPSTRA], const double *of_sound)
{
    for (int c = 0; c < sounds; c++) {
        if (of_sound[c] < 0.01)
            continue;
        for (int s = 0; s < STREAMS; s++)
            for (int k = 0; k < mixtures; k++) {
                long g = gaussian(c, s, k);
                double w = of_sound[c] * shares[g];
                if (w < 1e-3)
                    continue;
                weight[g] += w;
                for (int d = 0; d < CEPSTRA; d++) {
                    sum[g * CEPSTRA + d] += w * x[s][d];
                    square[g * CEPSTRA + d] += w * x[s][d] * x[s][d];
                    for (int l = 0; l < level_count; l++) {
                        levels[l].sum[g * CEPSTRA + d] += w * y[l][s][d];
                        levels[l].square[g * CEPSTRA + d] += w * y[l][s][d] * y[l][s][d];
                    }
                }
            }
    }
}

static void learn(const int16 *clean, long n)
{
    mfcc_t **c[1 + MOST_LEVELS];
    int frames, here;
    int16 *noisy = malloc(n * sizeof *noisy);
    c[0] = cepstra(clean, n, &frames);
    for (int l = 0; l < level_count; l++) {
        add_noise(clean, noisy, n, levels[l].decibels + 4 * random_share() - 2);
        c[l + 1] = cepstra(noisy, n, &here);
        if (here < frames)
            frames = here;
    }
    float top = -1e30f;
    for (int i = 0; i < frames; i++)
        if (c[0][i][0] > top)
            top = c[0][i][0];
    int *kept = malloc(frames * sizeof *kept), count_kept = 0, last_loud = -1000;
    for (int i = 0, ahead = 0; i < frames; i++) {
        for (; ahead < frames && ahead <= i + AROUND; ahead++)
            if (c[0][ahead][0] > top - SILENT_BELOW)
                last_loud = ahead;
        if (last_loud >= i - AROUND)
            kept[count_kept++] = i;
    }
    double mean[1 + MOST_LEVELS][CEPSTRA] = { 0 };
    for (int l = 0; l <= level_count; l++)
        for (int i = 0; i < count_kept; i++)
            for (int d = 0; d < CEPSTRA; d++)
                mean[l][d] += c[l][kept[i]][d] / count_kept;
    double *of_sound = malloc(sounds * sizeof *of_sound);
    float x[STREAMS][CEPSTRA], y[MOST_LEVELS][STREAMS][CEPSTRA];
    for (int i = REACH; i < count_kept - REACH; i++) {
        seen(c[0], kept, mean[0], i, x);
        for (int l = 0; l < level_count; l++)
            seen(c[l + 1], kept, mean[l + 1], i, y[l]);
        belongs(x, of_sound);
        count(x, y, of_sound);
    }
    for (int l = 0; l <= level_count; l++)
        ckd_free_2d(c[l]);
    free(of_sound);
    free(kept);
    free(noisy);
}

/** Sums of a line by least squares: y = a + b x. */
struct fit {
    double w, x, y, xx, xy;
};

static void fit_add(struct fit *f, double w, double x, double y)
{
    f->w += w;
    f->x += w * x;
    f->y += w * y;
    f->xx += w * x * x;
    f->xy += w * x * y;
}

static void fit_line(const struct fit *f, double *a, double *b)
{
    double spread = f->xx - f->x * f->x / f->w;
    *b = spread > 1e-9 ? (f->xy - f->x * f->y / f->w) / spread : 1;
    *a = (f->y - *b * f->x) / f->w;
}

/** Where the Gaussians of one dimension of a stream have moved to on a level. */
static void move(const struct level *l, int s, int d, float *to_mean, float *to_variance)
{
    struct fit all = { 0 };
    for (int c = 0; c < sounds; c++)
        for (int k = 0; k < mixtures; k++) {
            long g = gaussian(c, s, k), at = g * CEPSTRA + d;
            if (weight[g] >= 1)
                fit_add(&all, weight[g], sum[at] / weight[g], l->sum[at] / weight[g]);
        }
    if (all.w == 0)
        fail("no speech was given");
    double a, b, middle = all.x / all.w, width = sqrt(fmax(0, all.xx / all.w - middle * middle));
    fit_line(&all, &a, &b);
    for (int c = 0; c < sounds; c++) {
        struct fit own = { 0 };
        double wide = 1, was = 1, own_a, own_b;
        /* The line over all sounds stands behind each, as if it had been heard so often. */
        fit_add(&own, SOUND_AFTER / 2, middle - width, a + b * (middle - width));
        fit_add(&own, SOUND_AFTER / 2, middle + width, a + b * (middle + width));
        for (int k = 0; k < mixtures; k++) {
            long g = gaussian(c, s, k), at = g * CEPSTRA + d;
            if (weight[g] < 1)
                continue;
            double x = sum[at] / weight[g], y = l->sum[at] / weight[g];
            fit_add(&own, weight[g], x, y);
            was += square[at] - weight[g] * x * x;
            wide += l->square[at] - weight[g] * y * y;
        }
        fit_line(&own, &own_a, &own_b);
        for (int k = 0; k < mixtures; k++) {
            long g = gaussian(c, s, k), at = g * CEPSTRA + d;
            double w = weight[g], mu = means.values[at], v = variances.values[at], ratio = wide / was;
            double expected = own_a + own_b * mu - mu, heard = w > 0 ? (l->sum[at] - sum[at]) / w : 0;
            if (w > 1) {
                double x = sum[at] / w, y = l->sum[at] / w;
                ratio = (l->square[at] - w * y * y + OWN_AFTER * v * ratio) / (square[at] - w * x * x + OWN_AFTER * v);
            }
            to_mean[at] = mu + (w * heard + OWN_AFTER * expected) / (w + OWN_AFTER);
            to_variance[at] = v * fmin(MOST_RATIO, fmax(LEAST_RATIO, ratio));
        }
    }
}

int main(int argc, char **argv)
{
    err_set_logfp(NULL);
    if (argc < 3 || argc - 2 > MOST_LEVELS)
        fail("usage: noise ACOUSTIC-MODEL DECIBELS=FOLDER...");
    char parameters[1000];
    snprintf(parameters, sizeof parameters, "%s/feat.params", argv[1]);
    cmd_ln_t *config = cmd_ln_init(NULL, ps_args(), TRUE, "-hmm", argv[1], "-remove_silence", "no", NULL);
    config = config ? cmd_ln_parse_file_r(config, ps_args(), parameters, FALSE) : NULL;
    fe = config ? fe_init_auto_r(config) : NULL;
    if (!fe)
        fail("the acoustic model cannot be read");
    means = read_table(argv[1], "means");
    variances = read_table(argv[1], "variances");
    long all = gaussian(sounds, 0, 0), values = all * CEPSTRA;
    weight = calloc(all, sizeof *weight);
    sum = calloc(values, sizeof *sum);
    square = calloc(values, sizeof *square);
    halves = malloc(values * sizeof *halves);
    constants = calloc(all, sizeof *constants);
    shares = calloc(all, sizeof *shares);
    for (long i = 0; i < values; i++) {
        double v = fmax(LEAST_VARIANCE, variances.values[i]);
        halves[i] = 0.5 / v;
        constants[i / CEPSTRA] -= 0.5 * log(v);
    }
    for (; level_count < argc - 2; level_count++) {
        struct level *l = &levels[level_count];
        char *folder = strchr(argv[level_count + 2], '=');
        if (!folder)
            fail("a level is given as DECIBELS=FOLDER");
        *folder++ = 0;
        *l = (struct level){ atof(argv[level_count + 2]), folder, calloc(values, sizeof *l->sum), calloc(values, sizeof *l->square) };
    }
    uint32_t bytes;
    while (fread(&bytes, 4, 1, stdin) == 1) {
        if (bytes > MOST_BYTES)
            fail("an utterance is too long");
        int16 *clean = calloc(1, bytes + 2 * (BEFORE + AFTER));
        if (fread(clean + BEFORE, 1, bytes, stdin) != bytes)
            fail("an utterance was cut off");
        learn(clean, bytes / 2 + BEFORE + AFTER);
        free(clean);
    }
    float *to_mean = malloc(values * sizeof *to_mean), *to_variance = malloc(values * sizeof *to_variance);
    for (int l = 0; l < level_count; l++) {
        for (int s = 0; s < STREAMS; s++)
            for (int d = 0; d < CEPSTRA; d++)
                move(&levels[l], s, d, to_mean, to_variance);
        write_table(&means, levels[l].folder, "means", to_mean);
        write_table(&variances, levels[l].folder, "variances", to_variance);
    }
    return 0;
}
