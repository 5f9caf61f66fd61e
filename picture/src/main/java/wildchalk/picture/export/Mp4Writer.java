package wildchalk.picture.export;

import static org.bytedeco.ffmpeg.global.avcodec.AV_CODEC_FLAG_GLOBAL_HEADER;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_alloc;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_free;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_rescale_ts;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_unref;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_alloc_context3;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_find_encoder_by_name;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_free_context;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_open2;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_parameters_from_context;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_receive_packet;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_send_frame;
import static org.bytedeco.ffmpeg.global.avformat.AVFMT_GLOBALHEADER;
import static org.bytedeco.ffmpeg.global.avformat.AVIO_FLAG_WRITE;
import static org.bytedeco.ffmpeg.global.avformat.av_interleaved_write_frame;
import static org.bytedeco.ffmpeg.global.avformat.av_write_trailer;
import static org.bytedeco.ffmpeg.global.avformat.avformat_alloc_output_context2;
import static org.bytedeco.ffmpeg.global.avformat.avformat_free_context;
import static org.bytedeco.ffmpeg.global.avformat.avformat_new_stream;
import static org.bytedeco.ffmpeg.global.avformat.avformat_write_header;
import static org.bytedeco.ffmpeg.global.avformat.avio_closep;
import static org.bytedeco.ffmpeg.global.avformat.avio_open;
import static org.bytedeco.ffmpeg.global.avutil.AVCOL_PRI_BT709;
import static org.bytedeco.ffmpeg.global.avutil.AVCOL_RANGE_MPEG;
import static org.bytedeco.ffmpeg.global.avutil.AVCOL_SPC_BT709;
import static org.bytedeco.ffmpeg.global.avutil.AVCOL_TRC_BT709;
import static org.bytedeco.ffmpeg.global.avutil.AV_LOG_ERROR;
import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_BGR24;
import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_YUV420P;
import static org.bytedeco.ffmpeg.global.avutil.av_dict_free;
import static org.bytedeco.ffmpeg.global.avutil.av_dict_set;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_alloc;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_free;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_get_buffer;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_make_writable;
import static org.bytedeco.ffmpeg.global.avutil.av_log_set_level;
import static org.bytedeco.ffmpeg.global.avutil.av_make_q;
import static org.bytedeco.ffmpeg.global.avutil.av_rescale_q;
import static org.bytedeco.ffmpeg.global.swscale.SWS_BILINEAR;
import static org.bytedeco.ffmpeg.global.swscale.SWS_CS_ITU709;
import static org.bytedeco.ffmpeg.global.swscale.sws_freeContext;
import static org.bytedeco.ffmpeg.global.swscale.sws_getCoefficients;
import static org.bytedeco.ffmpeg.global.swscale.sws_getContext;
import static org.bytedeco.ffmpeg.global.swscale.sws_scale;
import static org.bytedeco.ffmpeg.global.swscale.sws_setColorspaceDetails;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.io.IOException;
import java.nio.file.Path;
import org.bytedeco.ffmpeg.avcodec.AVCodec;
import org.bytedeco.ffmpeg.avcodec.AVCodecContext;
import org.bytedeco.ffmpeg.avcodec.AVPacket;
import org.bytedeco.ffmpeg.avformat.AVFormatContext;
import org.bytedeco.ffmpeg.avformat.AVIOContext;
import org.bytedeco.ffmpeg.avformat.AVStream;
import org.bytedeco.ffmpeg.avutil.AVDictionary;
import org.bytedeco.ffmpeg.avutil.AVFrame;
import org.bytedeco.ffmpeg.swscale.SwsContext;
import org.bytedeco.javacpp.BytePointer;
import org.bytedeco.javacpp.DoublePointer;
import org.bytedeco.javacpp.IntPointer;
import org.bytedeco.javacpp.PointerPointer;

/** Writes frames as H.264 into an MP4 file, by an encoder in this process. What it holds outside of Java is freed on closing. */
final class Mp4Writer implements AutoCloseable {

    /** Bits a second for each pixel of a frame; flat colours need little. */
    private static final double BITS_A_PIXEL = 3;

    private static final int BYTES_A_PIXEL = 3;
    private static final int SECONDS_BETWEEN_WHOLE_FRAMES = 2;

    private final int width;
    private final int height;
    private final AVFormatContext format = new AVFormatContext(null);
    private final AVCodecContext codec;
    private final AVStream stream;
    private final AVIOContext file = new AVIOContext(null);
    private final SwsContext colours;
    private final AVFrame frame;
    private final AVPacket packet;
    private final BytePointer pixels;
    private final PointerPointer<BytePointer> planes = new PointerPointer<>(1);
    private final IntPointer strides = new IntPointer(1L);
    private long next;

    /** @throws IOException when the encoder is not there, or the file cannot be written */
    Mp4Writer(Path target, int width, int height, int framesASecond) throws IOException {
        this.width = width;
        this.height = height;
        av_log_set_level(AV_LOG_ERROR);
        AVCodec encoder = avcodec_find_encoder_by_name("libopenh264");
        if (encoder == null) {
            throw new IOException("There is no encoder for films in this build; share a GIF instead.");
        }
        check(avformat_alloc_output_context2(format, null, "mp4", target.toString()));
        stream = avformat_new_stream(format, null);
        codec = avcodec_alloc_context3(encoder);
        codec.width(width);
        codec.height(height);
        codec.time_base(av_make_q(1, framesASecond));
        codec.framerate(av_make_q(framesASecond, 1));
        codec.pix_fmt(AV_PIX_FMT_YUV420P);
        codec.bit_rate((long) (BITS_A_PIXEL * width * height));
        codec.gop_size(SECONDS_BETWEEN_WHOLE_FRAMES * framesASecond);
        codec.color_range(AVCOL_RANGE_MPEG);
        codec.colorspace(AVCOL_SPC_BT709);
        codec.color_trc(AVCOL_TRC_BT709);
        codec.color_primaries(AVCOL_PRI_BT709);
        codec.thread_count(Runtime.getRuntime().availableProcessors());
        if ((format.oformat().flags() & AVFMT_GLOBALHEADER) != 0) {
            codec.flags(codec.flags() | AV_CODEC_FLAG_GLOBAL_HEADER);
        }
        AVDictionary how = new AVDictionary(null);
        av_dict_set(how, "allow_skip_frames", "0", 0);
        check(avcodec_open2(codec, encoder, how));
        av_dict_free(how);
        check(avcodec_parameters_from_context(stream.codecpar(), codec));
        stream.time_base(codec.time_base());
        check(avio_open(file, target.toString(), AVIO_FLAG_WRITE));
        format.pb(file);
        AVDictionary first = new AVDictionary(null);
        av_dict_set(first, "movflags", "+faststart", 0);
        check(avformat_write_header(format, first));
        av_dict_free(first);
        colours = sws_getContext(
                width,
                height,
                AV_PIX_FMT_BGR24,
                width,
                height,
                AV_PIX_FMT_YUV420P,
                SWS_BILINEAR,
                null,
                null,
                (DoublePointer) null);
        IntPointer bt709 = sws_getCoefficients(SWS_CS_ITU709);
        sws_setColorspaceDetails(colours, bt709, 1, bt709, 0, 0, 1 << 16, 1 << 16);
        frame = av_frame_alloc();
        frame.format(AV_PIX_FMT_YUV420P);
        frame.width(width);
        frame.height(height);
        frame.color_range(AVCOL_RANGE_MPEG);
        frame.colorspace(AVCOL_SPC_BT709);
        check(av_frame_get_buffer(frame, 0));
        packet = av_packet_alloc();
        pixels = new BytePointer((long) BYTES_A_PIXEL * width * height);
        planes.put(0, pixels);
        strides.put(0, BYTES_A_PIXEL * width);
    }

    /**
     * A picture that stands for some frames: its colours are worked out once.
     *
     * @param image of three bytes a pixel, blue first
     */
    void add(BufferedImage image, int times) throws IOException {
        byte[] bytes = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
        pixels.position(0).put(bytes, 0, bytes.length);
        check(av_frame_make_writable(frame));
        sws_scale(colours, planes, strides, 0, height, frame.data(), frame.linesize());
        for (int i = 0; i < times; i++) {
            frame.pts(next++);
            check(avcodec_send_frame(codec, frame));
            drain();
        }
    }

    /** What is still in the encoder, and the head of the file to its beginning. */
    void finish() throws IOException {
        check(avcodec_send_frame(codec, null));
        drain();
        check(av_write_trailer(format));
    }

    private void drain() throws IOException {
        while (avcodec_receive_packet(codec, packet) >= 0) {
            packet.duration(1);
            av_packet_rescale_ts(packet, codec.time_base(), stream.time_base());
            packet.duration(av_rescale_q(1, codec.time_base(), stream.time_base()));
            packet.stream_index(stream.index());
            check(av_interleaved_write_frame(format, packet));
            av_packet_unref(packet);
        }
    }

    private static void check(int code) throws IOException {
        if (code < 0) {
            throw new IOException("The film could not be written (" + code + "): is there room on the disk?");
        }
    }

    @Override
    public void close() {
        avio_closep(file);
        av_packet_free(packet);
        av_frame_free(frame);
        sws_freeContext(colours);
        avcodec_free_context(codec);
        avformat_free_context(format);
        pixels.close();
        planes.close();
        strides.close();
    }
}
