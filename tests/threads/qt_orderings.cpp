// Preloaded for ./check --threads: tells the thread sanitizer of the orderings that Qt, which is not built
// under it, gives between threads: starting a job before its run, its run before waitForDone(),
// invokeMethod() before the call.
#include <QMetaObject>
#include <QThreadPool>
#include <dlfcn.h>
#include <functional>
#include <memory>

extern "C" {
void __tsan_acquire(void* address);
void __tsan_release(void* address);
}

namespace {

/// What this library stands before.
template<class Function> Function inQt(const char* symbol) {
    return reinterpret_cast<Function>(dlsym(RTLD_NEXT, symbol));
}

struct Job {
    std::function<void()> run;
    QThreadPool* pool;
};

struct OrderedSlot : QtPrivate::QSlotObjectBase {
    explicit OrderedSlot(QtPrivate::QSlotObjectBase* wrapped) : QSlotObjectBase(&work), slot(wrapped) {
        __tsan_release(this);
    }
    static void work(int which, QSlotObjectBase* base, QObject* receiver, void** arguments, bool*) {
        auto* const self = static_cast<OrderedSlot*>(base);
        __tsan_acquire(self);
        if (which == Destroy) {
            self->slot->destroyIfLastRef();
            delete self;
        } else if (which == Call) {
            self->slot->call(receiver, arguments);
            __tsan_release(self); // whichever side is last deletes it
        }
    }
    QtPrivate::QSlotObjectBase* slot;
};

} // namespace

void QThreadPool::start(std::function<void()> run, int priority) {
    using Start = void (*)(QThreadPool*, std::function<void()>, int);
    static const auto start = inQt<Start>("_ZN11QThreadPool5startESt8functionIFvvEEi");
    auto* const job = new Job{std::move(run), this}; // left behind where the pool is cleared
    __tsan_release(job);
    // Small enough to be kept in the function itself, so that Qt's copy touches no memory of its own.
    start(
        this,
        [job] {
            __tsan_acquire(job);
            job->run();
            QThreadPool* const pool = job->pool;
            delete job;
            __tsan_release(pool);
        },
        priority);
}

bool QThreadPool::waitForDone(int milliseconds) {
    static const auto wait = inQt<bool (*)(QThreadPool*, int)>("_ZN11QThreadPool11waitForDoneEi");
    const bool done = wait(this, milliseconds);
    __tsan_acquire(this);
    return done;
}

bool QMetaObject::invokeMethodImpl(QObject* object, QtPrivate::QSlotObjectBase* slot, Qt::ConnectionType type,
                                   void* result) {
    using Invoke = bool (*)(QObject*, QtPrivate::QSlotObjectBase*, Qt::ConnectionType, void*);
    static const auto invoke = inQt<Invoke>(
        "_ZN11QMetaObject16invokeMethodImplEP7QObjectPN9QtPrivate15QSlotObjectBaseEN2Qt14ConnectionTypeEPv");
    return invoke(object, new OrderedSlot(slot), type, result);
}
